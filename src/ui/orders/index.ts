export { OrdersScreen } from './orders-screen';
