<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\File\Shape\ChoiceShape;
use Dinghy\File\Shape\FlagShape;
use Dinghy\File\Shape\ListShape;
use Dinghy\File\Shape\NullableShape;
use Dinghy\File\Shape\NumberShape;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\OneOrListShape;
use Dinghy\File\Shape\PartsShape;
use Dinghy\File\Shape\Problem;
use Dinghy\File\Shape\ReferenceShape;
use Dinghy\File\Shape\Shape;
use Dinghy\Plan\BatteryName;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Quantity\QuantityFormatter;
use Dinghy\Quantity\Units;
use Dinghy\Record\IdWords;
use Dinghy\Survey\Photograph;

/**
 * What people call the parts, the fields and the values of a document, which need not be sound: for logs and refusals, in
 * the place of ids, keys and pointers.
 */
final class PlanWords
{
    /** @var array<string, array<string, \stdClass>> parts by kind and id */
    private array $parts = [];

    public function __construct(
        private readonly \stdClass $root,
        private readonly PlanFormat $format,
        private readonly QuantityFormatter $formatter = new QuantityFormatter(Units::Metric),
    ) {
    }

    /** @param  string  $on  "kind:id", or "plan" */
    public function part(string $on): string
    {
        [$kind, $id] = [...explode(':', $on, 2), ''];
        $part = $this->parts($kind)[$id] ?? null;

        return match ($kind) {
            'plan' => 'the plan',
            'feed', 'branch' => "{$kind} to ".$this->target($part, $id),
            'battery' => $this->battery($id),
            'way' => 'way from '.$this->named('station', $part->from ?? null).' to '.$this->named('station', $part->to ?? null),
            'bond' => 'bond from '.$this->named('bank', $part->from ?? null).' to '.$this->named('bank', $part->to ?? null),
            'network-cable' => 'network cable from '.$this->named('device', $part->from ?? null).' to '.$this->named('device', $part->to ?? null),
            'serial' => 'serial line from '.$this->named('device', $part->talker ?? null),
            'jumper' => 'jumper from '.$this->post($part->from ?? null).' to '.$this->post($part->to ?? null),
            default => $part !== null && is_string($part->name ?? null) && $part->name !== ''
                ? $part->name
                : ucfirst(IdWords::with($kind === 'charger' && self::feedsBlock($part) ? 'converter' : str_replace('-', ' ', $kind), $id)),
        };
    }

    /** @return array<string, string> what every part is called by itself, by "kind:id" */
    public function all(): array
    {
        $names = [];
        foreach (array_keys($this->format->kinds->all) as $kind) {
            foreach ($this->parts($kind) as $id => $part) {
                $name = $this->part("{$kind}:{$id}");
                // What a person wrote stays as it was written.
                $names["{$kind}:{$id}"] = $name === ($part->name ?? null) ? $name : ucfirst($name);
            }
        }

        return $names;
    }

    /**
     * The field as it is called on the page: "fuse or breaker: rating" for "protection.0.rating_a".
     *
     * @param  string  $path  as in a patch
     */
    public function field(string $on, string $path): string
    {
        $labels = array_values(array_filter($this->labels($on, $path), static fn (string $label, string $key): bool => $key !== 'run', ARRAY_FILTER_USE_BOTH));

        return $labels === [] ? str_replace('_', ' ', $path) : implode(': ', array_map(lcfirst(...), $labels));
    }

    /** What the last word of a path alone is called; empty: there is no such field. */
    private function label(string $on, string $path): string
    {
        return lcfirst($this->labels($on, $path)[substr($path, (int) strrpos(".{$path}", '.'))] ?? '');
    }

    /** @return array<string, string> labels of the fields on a path, by key */
    private function labels(string $on, string $path): array
    {
        $shape = $this->format->shapeOf($on, Patch::WHOLE) ?? $this->format->shape;
        $labels = [];
        foreach (explode('.', $path) as $key) {
            $object = self::object($shape);
            $label = ($object?->fields[$key] ?? null)?->label;
            $label === null || $label === '' || $labels[$key] = $label;
            $shape = $shape?->inner($key);
        }

        return $labels;
    }

    /** A value with its unit, in the units chosen. */
    public function value(string $on, string $path, mixed $value): string
    {
        $shape = NullableShape::within($this->format->shapeOf($on, $path));

        return match (true) {
            $value === null => 'not given',
            is_string($value) && preg_match('/'.Photograph::PICTURE.'/D', $value) === 1 => 'a picture',
            $shape instanceof FlagShape && is_bool($value) => $value ? $shape->yes : $shape->no,
            $shape instanceof ChoiceShape && (is_string($value) || is_int($value)) => $shape->label($value),
            $shape instanceof ReferenceShape && is_string($value) => $this->part("{$shape->kind}:{$value}"),
            $shape instanceof NumberShape && (is_int($value) || is_float($value)) => $this->quantity($shape, (float) $value),
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => QuantityFormatter::trim($value, 3),
            is_scalar($value) => str_replace('mm2', 'mm²', (string) $value),
            default => 'changed',
        };
    }

    /** A problem as a sentence: which part, which field as the page calls it, what is expected. */
    public function problem(Problem $problem): string
    {
        [$on, $path] = $this->place($problem->pointer);
        $beside = static fn (string $key): string => implode('.', [...($path === '' ? [] : array_slice(explode('.', $path), 0, -1)), $key]);
        $missing = (string) preg_replace_callback(
            '/missing key "(\w+)"/',
            fn (array $match): string => $this->label($on, $path === '' ? $match[1] : "{$path}.{$match[1]}").' is not given',
            $problem->message,
        );
        // The keys that a file may have are keys of a file; elsewhere they are fields.
        $message = str_starts_with($missing, 'unknown key') ? $missing : (string) preg_replace_callback(
            '/\b[a-z]+(?:_[a-z]+)+\b/',
            fn (array $match): string => ($label = $this->label($on, $beside($match[0]))) === '' ? $match[0] : "“{$label}”",
            $missing,
        );

        return ucfirst($this->part($on)).($path === '' ? '' : ', '.$this->field($on, $path)).': '.$message;
    }

    /** A sentence that begins with the keys of a field, beginning with what the field is called. */
    public static function labelled(string $sentence, ?ObjectShape $shape): string
    {
        [$keys, $rest] = [...explode(': ', $sentence, 2), ''];
        $labels = [];
        foreach (explode('/', $keys) as $key) {
            $field = $shape?->fields[$key] ?? null;
            $labels[] = $field === null || $field->label === '' ? $key : $field->label;
            $shape = self::object($field?->shape);
        }
        $named = implode(', ', $labels);

        return $rest === '' ? $sentence : "{$named}: {$rest}";
    }

    /** @return array{string, string} the part, as "kind:id", and the field within it */
    private function place(string $pointer): array
    {
        [$on, $owner, $path, $at] = ['plan', null, [], $this->root];
        foreach (array_slice(explode('/', $pointer), 1) as $key) {
            $at = match (true) {
                $at instanceof \stdClass => $at->{$key} ?? null,
                is_array($at) => $at[(int) $key] ?? null,
                default => null,
            };
            $kind = ctype_digit($key) ? $this->format->kinds->listsIn($owner === null ? 'plan' : "{$owner}:")[implode('.', $path)] ?? null : null;
            if ($kind !== null && $at instanceof \stdClass && is_string($at->id ?? null)) {
                [$on, $owner, $path] = ["{$kind}:{$at->id}", $kind, []];
            } else {
                $path[] = $key;
            }
        }

        return [$on, implode('.', $path)];
    }

    private function quantity(NumberShape $shape, float $value): string
    {
        return $shape->share ? $this->formatter->percent(100 * $value) : match ($shape->unitAlone()) {
            'm' => $this->formatter->length($value),
            'mm' => $this->formatter->units === Units::Metric ? QuantityFormatter::trim($value, 1).' mm' : QuantityFormatter::trim($value / 25.4, 2).' in',
            'kg' => $this->formatter->mass($value),
            'N' => $this->formatter->thrust($value),
            'A' => $this->formatter->amps($value),
            '' => QuantityFormatter::trim($value, 3),
            default => QuantityFormatter::trim($value, 3)." {$shape->unit}",
        };
    }

    private function target(?\stdClass $from, string $id): string
    {
        $to = $from->to ?? null;
        foreach ($to instanceof \stdClass ? get_object_vars($to) : [] as $kind => $target) {
            return $this->named((string) $kind, $target);
        }

        return ucfirst(IdWords::of($id));
    }

    private function named(string $kind, mixed $id): string
    {
        return is_string($id) ? $this->part("{$kind}:{$id}") : 'nothing';
    }

    private static function feedsBlock(?\stdClass $charger): bool
    {
        $outputs = $charger->outputs ?? null;

        return is_array($outputs) && array_filter($outputs, static fn (mixed $output): bool => $output instanceof \stdClass && isset($output->block)) !== [];
    }

    /** @param  mixed  $post  as "b1+" */
    private function post(mixed $post): string
    {
        return is_string($post) && $post !== '' ? $this->battery(mb_substr($post, 0, -1)).(str_ends_with($post, '+') ? ' +' : ' −') : 'nothing';
    }

    /** By its number in its bank, as the plan file lists them. */
    private function battery(string $id): string
    {
        foreach ($this->parts('bank') as $bank) {
            $blocks = is_array($bank->strings ?? null) ? array_merge(...array_filter($bank->strings, is_array(...))) : [];
            $at = array_search($id, $blocks, true);
            if (is_int($at) && is_string($bank->id)) {
                $number = $this->formatter->countedFrom === NumberingEnd::Negative ? $at + 1 : count($blocks) - $at;

                return BatteryName::numbered($number, $bank->id);
            }
        }

        return ucfirst(IdWords::with('battery', $id));
    }

    /** @return array<string, \stdClass> by id */
    private function parts(string $kind): array
    {
        return $this->parts[$kind] ??= PartPlace::byId($this->format->kinds, $this->root, $kind);
    }

    private static function object(?Shape $shape): ?ObjectShape
    {
        return match (true) {
            $shape instanceof ObjectShape => $shape,
            $shape instanceof NullableShape => self::object($shape->shape),
            $shape instanceof OneOrListShape, $shape instanceof ListShape => self::object($shape->item),
            $shape instanceof PartsShape => $shape->part,
            default => null,
        };
    }
}
