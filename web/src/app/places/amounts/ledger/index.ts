export { LedgerEntries } from './ledger-entries';
export { LedgerLine } from './ledger-line';
export { mendOf } from './line-advice';
