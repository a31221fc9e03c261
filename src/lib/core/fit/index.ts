export * from './clearance';
export * from './festoon';
export * from './light-centre';
