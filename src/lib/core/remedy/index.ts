export * from './complaint';
export { complaintName, type ComplaintKind } from './symptoms';
export * from './remedy';
export * from './judge';
export * from './best-set';
