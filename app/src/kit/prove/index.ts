export { AutomaticCard } from './automatic-card';
export { ChecksCard } from './checks-card';
export { PatternCards } from './pattern-cards';
export { PlainProof } from './plain-proof';
export { SafeDischargeCard } from './safe-discharge-card';
export { StrokeTimer } from './stroke-timer';
