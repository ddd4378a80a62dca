<?php

declare(strict_types=1);

namespace Dinghy\File;

/**
 * What a patch touches: each field it names, and every part inside a field that it replaces, so that whoever changes a
 * branch and whoever replaces its block are seen to change the same.
 */
final readonly class TouchedFields
{
    /**
     * @param  list<array{field: array{on: string, path: string}, touches: list<array{on: string, path: string}>}>  $fields
     */
    private function __construct(private array $fields)
    {
    }

    /** @param  PlanDocument  $before  the plan that the patch was made on */
    public static function of(Patch $patch, PlanDocument $before): self
    {
        $fields = [];
        $kinds = $before->format->kinds;
        $holders = array_filter($patch->fields(), static fn (array $field): bool => self::mayHold($kinds, $field));
        $trees = $holders === [] ? [] : [$before->root(), $before->with($patch)->root()];
        foreach ($patch->fields() as $field) {
            $parts = [];
            foreach (self::mayHold($kinds, $field) ? $trees : [] as $root) {
                array_push($parts, ...PartPlace::partsIn($kinds, $root, $field['on'], $field['path']));
            }
            $fields[] = [
                'field' => $field,
                'touches' => [
                    $field,
                    ...array_map(
                        static fn (string $on): array => ['on' => $on, 'path' => Patch::WHOLE],
                        array_values(array_unique($parts)),
                    ),
                ],
            ];
        }

        return new self($fields);
    }

    /**
     * The fields that both touch: the same field, or one that holds the other.
     *
     * @return list<array{on: string, path: string}> as this one's patch names them
     */
    public function shared(self $other): array
    {
        $theirs = array_merge(...array_column($other->fields, 'touches'));
        $shared = [];
        foreach ($this->fields as ['field' => $field, 'touches' => $touches]) {
            foreach ($touches as $mine) {
                foreach ($theirs as $their) {
                    if (self::meet($mine, $their)) {
                        $shared[] = $field;

                        continue 3;
                    }
                }
            }
        }

        return $shared;
    }

    /**
     * Whether two fields are the same, or one holds the other.
     *
     * @param  array{on: string, path: string}  $one
     * @param  array{on: string, path: string}  $other
     */
    public static function meet(array $one, array $other): bool
    {
        return $one['on'] === $other['on']
            && ($one['path'] === Patch::WHOLE || $other['path'] === Patch::WHOLE || str_starts_with(
                $one['path'].'.',
                $other['path'].'.',
            ) || str_starts_with($other['path'].'.', $one['path'].'.'));
    }

    /** @param  array{on: string, path: string}  $field */
    private static function mayHold(PartKinds $kinds, array $field): bool
    {
        foreach (array_keys($kinds->listsIn($field['on'])) as $list) {
            if ($field['path'] === Patch::WHOLE || str_starts_with("{$list}.", "{$field['path']}.")) {
                return true;
            }
        }

        return false;
    }
}
