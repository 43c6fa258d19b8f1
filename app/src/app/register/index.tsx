export { RegisterScreen as default } from '../../features/register/register-screen';
