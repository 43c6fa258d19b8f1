export { SiteScreen as default } from '../../features/register/site-screen';
