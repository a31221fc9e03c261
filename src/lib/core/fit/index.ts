export * from './clearance';
export * from './clocking';
export * from './festoon';
export * from './light-centre';
