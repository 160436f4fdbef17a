// Stands in for the optional parts of jsPDF that Still Box never calls (see vite.config.ts).
export default {};
