import { bareContext } from '../../job';
import type { Sample } from '../../job/testing/walk.fixtures';
import { TODAY } from '../../job/testing/walk.fixtures';
import type { SettingValues } from '../../profile';
import { FAMILY_NAMES, familyOf, type FamilyName } from '../index';

/** What is planned for each sample, figure by figure: a figure of a planner that moves moves one of these. */
const PLANNED: Readonly<Record<FamilyName, readonly string[]>> = {
  metering: [
    `gear=B length=71 mode=ext rate=0 range=4-20`,
    `length=100 operation=current manualRate=60 currentA=4 rateA=0 currentB=20 rateB=68 below=stop wire=stop limit=165 power=go`,
    `stroke=95 work=per rate=60 portion=1 factor=3 store=off closed=80 top=170 pause=permits dry=stop power=wait keys=on`,
    `factor=100 run=input flow=1 inA=4 outA=0 inB=20 outB=3.409 lost=stop suction=60 gas=on comp=off contact=nc level=stop power=run
     fault=wait code=code`,
    `gear=2 length=80 p01=2 p02=60 p03=1 p04=60 p05=476 p06=0 p07=0`,
    `stroke=30 drive=one rate=120 divide=1`,
  ],
  pool: [
    `state=auto pumpKind=M least=620 limit=2630 days=1234567 start=0 stop=0 speed=1500 enable=off days/2=1234567 start/2=0 stop/2=0
     speed/2=1500 enable/2=off days/3=1234567 start/3=0 stop/3=0 speed/3=1500 enable/3=off days/4=1234567 start/4=0 stop/4=0
     speed/4=1500 enable/4=off days/5=1234567 start/5=0 stop/5=720 speed/5=1270 enable/5=on days/6=1234567 start/6=720 stop/6=0
     speed/6=1270 enable/6=on days/7=1234567 start/7=0 stop/7=0 speed/7=1500 enable/7=off days/8=1234567 start/8=0 stop/8=0
     speed/8=1500 enable/8=off days/9=1234567 start/9=0 stop/9=0 speed/9=1500 enable/9=off days/10=1234567 start/10=0 stop/10=0
     speed/10=1500 enable/10=off primeMode=sense primeSpeed=2600 primeTime=6 primeHold=0 boostSpeed=2630 boostTime=60 frost=off
     frostTemp=3 frostSpeed=1000 summer=auto password=own timeOut=10 afterCut=resume key=slot key/2=slot key/3=slot key/4=slot`,
    `top=80 from=0 until=0 share=39 from/2=none until/2=none share/2=60 from/3=none until/3=none share/3=60 from/4=none until/4=none
     share/4=60 from/5=none until/5=none share/5=60 from/6=none until/6=none share/6=60 primeTime=3 code=own`,
    `source=link address=1 kind=B low=475 high=2625 relaySpeed=1500 relaySpeed/2=1500 relaySpeed/3=1500 relaySpeed/4=1500 on=0 off=0
     rpm=1500 days=1234567 use=off on/2=0 off/2=0 rpm/2=1500 days/2=1234567 use/2=off on/3=0 off/3=0 rpm/3=1500 days/3=1234567
     use/3=off on/4=0 off/4=0 rpm/4=1500 days/4=1234567 use/4=off on/5=0 off/5=0 rpm/5=1500 days/5=1234567 use/5=off on/6=0 off/6=0
     rpm/6=1500 days/6=1234567 use/6=off on/7=0 off/7=0 rpm/7=1500 days/7=1234567 use/7=off on/8=0 off/8=0 rpm/8=1500 days/8=1234567
     use/8=off primeFor=3 primeAt=2625 antiFrost=off antiFrostAt=4 antiFrostRpm=1000 pin=own restart=resume`,
    `state=auto model=V1 low=480 high=2630 address=1 circuitSpeed=1280 circuitFrost=no circuitSpeed/2=1500 circuitFrost/2=no
     circuitSpeed/3=1650 circuitFrost/3=no circuitSpeed/4=1500 circuitFrost/4=no circuitSpeed/5=1500 circuitFrost/5=no
     circuitSpeed/6=1750 circuitFrost/6=yes circuitSpeed/7=1500 circuitFrost/7=no circuitSpeed/8=1500 circuitFrost/8=no circuit=c3
     days=1234567 start=720 stop=840 circuit/2=c1 days/2=1234567 start/2=840 stop/2=900 circuit/3=c1 days/3=1234567 start/3=1260
     stop/3=720 circuit/4=none days/4=1234567 start/4=0 stop/4=0 circuit/5=none days/5=1234567 start/5=0 stop/5=0 circuit/6=none
     days/6=1234567 start/6=0 stop/6=0 circuit/7=none days/7=1234567 start/7=0 stop/7=0 circuit/8=none days/8=1234567 start/8=0
     stop/8=0 circuit/9=none days/9=1234567 start/9=0 stop/9=0 circuit/10=none days/10=1234567 start/10=0 stop/10=0 circuit/11=none
     days/11=1234567 start/11=0 stop/11=0 circuit/12=none days/12=1234567 start/12=0 stop/12=0 primeMode=sense primeSpeed=2600
     primeTime=6 runSpeed=2400 runTime=30 frost=on frostTemp=3 source=first body=pool poolTemp=27 tubTemp=34 afterRun=5 solarStart=4
     solarStop=1.5 output=50 cold=12 cleanerDelay=10 valveDelay=35 waterOffset=0 airOffset=0 roofOffset=0 password=own summer=auto
     button=circuit button/2=circuit button/3=circuit button/4=circuit`,
  ],
  circulator: [
    `source=own start=off mode=dpv head=3.2 speed=70 night=off cut=go lock=off`,
    `source=own start=off part=lead part/2=follow together=turns turnover=24 mode=dpv head=3.2 speed=70 night=off cut=go lock=off`,
    `mode=right speed=100 head=2.5`,
    `mode=on speed=80 probe=45 from=360 to=1320 cut=go`,
  ],
  drive: [
    `P01=2 P02=4.6 P03=25 P04=50 P05=2 addr=1 addr/2=2 P20=3.7 P21=10 P22=20 P23=2 P24=3.2 P30=39.6 P31=10 P32=0.2 P40=1.6 P41=23
     P42=2 P50=1 P51=0.3 P52=5 P53=41 P54=24 P60=1 P61=1 P62=1 P69=1`,
    `kind=p seen=1 amps=4.6 range=10 p1=3.7 cut=3.2 fs=39.6 ts=10 react=stop cutback=wait lock=on own=1 rpm=2880 volts=400 heat=on
     fmin=25 fmax=50 up=2 down=2 sense=plain lift=0 boost=0.2 plow=1.6 tries=0 fill=off tlow=23 faultback=wait done=done`,
    `plant=supply pumps=1 p=3.7 under=0.5 fs=28 ts=10 react=stop amps=4.6 rpm=2880 volts=400 fmin=25 fmax=50 up=2 range=10 plow=1.6
     tlow=25 cut=go fault=go done=yes`,
    `s1=on s2=on s3=off s4=off knob=3.25`,
  ],
  spa: [
    `num=6 sw=off sw/2=off sw/3=off sw/4=off sw/5=off sw/6=off sw/7=off sw/8=off set=37 range=hi heat=any start=420 long=165
     start/2=780 long/2=165 clean=30 jets=45 lock=off lockt=off offset=0 unit=C lamp=60`,
    `no=14 dip=off dip/2=off dip/3=off dip/4=off br=on br/2=off temp=35 range=r2 mode=ready at=420 len=60 every=12 pin=on tpin=on
     tout=60`,
    `code=1 s=off l=off t=36 heats=h1 from=420 for=6 out=30`,
  ],
  transfer: [
    `plant=pr kind=pl inlets=4 volts=400 amps=2.6 rpm=2860 least=1470 most=3200 ctrl=ev bottom=30 top=510 gain=4 mean=6 runon=16
     empty=45 clean=us cspeed=2980 alarm=570 cut=go`,
    `P1=pl P3=2.6 P4=2860 P5=2130 P6=3200 P7=30 P8=420 P9=45 P10=570`,
  ],
};

const inWords = (values: SettingValues) =>
  Object.entries(values)
    .map(([key, value]) => `${key}=${typeof value === 'number' ? Number(value.toPrecision(6)) : value}`)
    .join(' ');

test.each(FAMILY_NAMES)('%s: the samples are planned as worked out before', (name) => {
  const family = familyOf(name);
  const { SAMPLES } = jest.requireActual<{ SAMPLES: readonly Sample[] }>(`../${name}/fixtures`);
  const plans = SAMPLES.map(({ profile, duty, plate, found }) => {
    const inForce = found as SettingValues;
    const context = bareContext({ duty, profile, plate, today: TODAY, zone: 'Atlantic/Faroe', inForce });
    return inWords(family.plan(context).values);
  });
  expect(plans).toEqual(PLANNED[name].map((plan) => plan.replace(/\s+/g, ' ')));
});
