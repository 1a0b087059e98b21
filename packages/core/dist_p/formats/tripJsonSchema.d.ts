type JsonSchema = Readonly<Record<string, unknown>>;
export declare function tripJsonSchema(): JsonSchema;
export {};
