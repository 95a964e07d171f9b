// The fields of a form that is read while it is filled in, kept by react-hook-form.
import {
  useForm,
  useWatch,
  type DefaultValues,
  type FieldValues,
  type Path,
  type PathValue,
} from 'react-hook-form';

/** Every field as it stands, and a way to set some of them; other fields stay. */
export function useFields<T extends FieldValues>(
  defaults: T,
): readonly [values: T, set: (change: Partial<T>) => void] {
  const { control, setValue } = useForm<T>({ defaultValues: defaults as DefaultValues<T> });
  const values = useWatch({ control }) as T;
  const set = (change: Partial<T>): void => {
    for (const [name, value] of Object.entries(change))
      setValue(name as Path<T>, value as PathValue<T, Path<T>>);
  };
  return [values, set];
}
