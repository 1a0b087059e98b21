export declare const incidentSchema: import("yup").ObjectSchema<{
    [x: string]: unknown;
}, import("yup").AnyObject, undefined, "d">;
