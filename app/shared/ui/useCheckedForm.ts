import { useForm, type GenericObject, type TypedSchema } from 'vee-validate'
import type * as z from 'zod/mini'

/** A Zod schema as vee-validate takes it; its own adapter does not read this Zod. */
function typed<S extends z.ZodMiniType<GenericObject>>(
  schema: S,
): TypedSchema<z.input<S> & GenericObject, z.output<S> & GenericObject> {
  return {
    __type: 'VVTypedSchema',
    async parse(values) {
      const checked = await schema.safeParseAsync(values)
      if (checked.success) return { value: checked.data as z.output<S> & GenericObject, errors: [] }
      const byPath = new Map<string, string[]>()
      for (const { path, message } of checked.error.issues)
        byPath.set(path.join('.'), [...(byPath.get(path.join('.')) ?? []), message])
      return { errors: [...byPath].map(([path, errors]) => ({ path, errors })) }
    },
  }
}

/** A form whose values a Zod schema checks; its messages stand beside the fields. */
export function useCheckedForm<S extends z.ZodMiniType<GenericObject>>(schema: S, initialValues: z.input<S>) {
  return useForm<z.input<S> & GenericObject, z.output<S> & GenericObject>({
    validationSchema: typed(schema),
    initialValues: initialValues as never,
  })
}
