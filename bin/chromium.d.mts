export const executablePath: string;
export const switches: string[];
