import type { z } from 'zod';
/** A route's line in the OpenAPI document: what it does and what it answers. */
export declare const describe: (summary: string, answer: z.ZodType) => import("hono").MiddlewareHandler;
export declare const body: <S extends z.ZodType>(schema: S) => import("hono").MiddlewareHandler<import("hono").Env, string, {
    in: (undefined extends import("@standard-schema/spec").StandardSchemaV1.InferInput<S> ? true : false) extends true ? {
        json?: [import("@standard-schema/spec").StandardSchemaV1.InferInput<S>] extends [any] ? import("@standard-schema/spec").StandardSchemaV1.InferInput<S> : import("hono/validator").InferInput<import("@standard-schema/spec").StandardSchemaV1.InferInput<S>, "json", import("hono/types").ParsedFormValue>;
    } : {
        json: [import("@standard-schema/spec").StandardSchemaV1.InferInput<S>] extends [any] ? import("@standard-schema/spec").StandardSchemaV1.InferInput<S> : import("hono/validator").InferInput<import("@standard-schema/spec").StandardSchemaV1.InferInput<S>, "json", import("hono/types").ParsedFormValue>;
    };
    out: {
        json: import("@standard-schema/spec").StandardSchemaV1.InferOutput<S>;
    };
}>;
export declare const query: <S extends z.ZodType>(schema: S) => import("hono").MiddlewareHandler<import("hono").Env, string, {
    in: (undefined extends import("@standard-schema/spec").StandardSchemaV1.InferInput<S> ? true : false) extends true ? {
        query?: [import("@standard-schema/spec").StandardSchemaV1.InferInput<S>] extends [Record<string, string | string[]>] ? import("@standard-schema/spec").StandardSchemaV1.InferInput<S> : import("hono/validator").InferInput<import("@standard-schema/spec").StandardSchemaV1.InferInput<S>, "query", import("hono/types").ParsedFormValue>;
    } : {
        query: [import("@standard-schema/spec").StandardSchemaV1.InferInput<S>] extends [Record<string, string | string[]>] ? import("@standard-schema/spec").StandardSchemaV1.InferInput<S> : import("hono/validator").InferInput<import("@standard-schema/spec").StandardSchemaV1.InferInput<S>, "query", import("hono/types").ParsedFormValue>;
    };
    out: {
        query: import("@standard-schema/spec").StandardSchemaV1.InferOutput<S>;
    };
}>;
export declare const params: <S extends z.ZodType>(schema: S) => import("hono").MiddlewareHandler<import("hono").Env, string, {
    in: (undefined extends import("@standard-schema/spec").StandardSchemaV1.InferInput<S> ? true : false) extends true ? {
        param?: [import("@standard-schema/spec").StandardSchemaV1.InferInput<S>] extends [Record<string, string>] ? import("@standard-schema/spec").StandardSchemaV1.InferInput<S> : import("hono/validator").InferInput<import("@standard-schema/spec").StandardSchemaV1.InferInput<S>, "param", import("hono/types").ParsedFormValue>;
    } : {
        param: [import("@standard-schema/spec").StandardSchemaV1.InferInput<S>] extends [Record<string, string>] ? import("@standard-schema/spec").StandardSchemaV1.InferInput<S> : import("hono/validator").InferInput<import("@standard-schema/spec").StandardSchemaV1.InferInput<S>, "param", import("hono/types").ParsedFormValue>;
    };
    out: {
        param: import("@standard-schema/spec").StandardSchemaV1.InferOutput<S>;
    };
}>;
