<?php

declare(strict_types=1);

namespace App\HouseRules;

use Dinghy\Evaluation\Areas;
use Dinghy\File\HouseRulesFormat;
use Dinghy\File\HouseRuleText;
use Dinghy\File\PlanFormat;
use Dinghy\Plan\Plan;
use Dinghy\Quantity\NumberingEnd;
use Dinghy\Quantity\Units;

/** The house rules of a shop: those it keeps that are not Dinghy's defaults. */
final readonly class ShopRules
{
    /** The one rule that no plan holds. */
    private const NUMBERING = 'numbering_end';

    private function __construct(public \stdClass $kept)
    {
    }

    public static function of(\stdClass $kept): self
    {
        return new self($kept);
    }

    /**
     * The same with other rules set: a choice, a list, or a number as it was typed; null takes the default again.
     *
     * @param  array<string, mixed>  $set  by field, as "drop_pct.thrust"
     *
     * @throws \Dinghy\File\QuantityRefused|\Dinghy\File\PlanRefused
     */
    public function with(array $set, Units $units): self
    {
        $kept = json_decode(json_encode($this->kept, JSON_THROW_ON_ERROR), false, 8, JSON_THROW_ON_ERROR);
        $kept = $kept instanceof \stdClass ? $kept : new \stdClass;
        $rules = array_column(HouseRuleText::all(), null, 'field');
        foreach ($set as $field => $value) {
            $rule = $rules[$field] ?? abort(422, "There is no house rule \"{$field}\".");
            $value = is_string($value) && self::choices($rule) === []
                ? resolve(Areas::class)->format->typed('plan', "house_rules.{$field}", $value, $units)
                : $value;
            self::write($kept, explode('.', $field), $value == self::default($field) ? null : $value);
        }
        $rules = new self($kept);
        $end = $kept->numbering_end ?? NumberingEnd::Negative->value;
        (is_string($end) ? NumberingEnd::tryFrom($end) : null) ?? abort(
            422,
            'Not kept: numbering_end is negative or positive.',
        );
        resolve(Areas::class)->format->document(
            json_encode(
                ['format' => PlanFormat::NAME, 'version' => PlanFormat::VERSION, 'house_rules' => $rules->ofPlans()],
                JSON_THROW_ON_ERROR,
            ),
        )->plan();

        return $rules;
    }

    /** Those that plans are judged by, without what is display alone. */
    public function ofPlans(): \stdClass
    {
        $rules = clone $this->kept;
        unset($rules->numbering_end);

        return $rules;
    }

    /** The end that blocks are counted from: display alone. */
    public function numberingEnd(): NumberingEnd
    {
        $end = $this->kept->numbering_end ?? null;

        return NumberingEnd::tryFrom(is_string($end) ? $end : '') ?? NumberingEnd::Negative;
    }

    public function valueOf(string $field): mixed
    {
        return self::read($this->kept, explode('.', $field)) ?? self::default($field);
    }

    public static function default(string $field): mixed
    {
        if ($field === self::NUMBERING) {
            return NumberingEnd::Negative->value;
        }
        static $defaults = null;
        $defaults ??= HouseRulesFormat::shape()->withDefaults(new \stdClass);

        return self::read($defaults, explode('.', $field));
    }

    /** @return list<string|int|bool> */
    public static function choices(HouseRuleText $rule): array
    {
        if ($rule->field === self::NUMBERING) {
            return array_column(NumberingEnd::cases(), 'value');
        }
        $path = "house_rules.{$rule->field}";

        $format = resolve(Areas::class)->format;

        // The choices of a list are those of any of its items.
        return $format->field('plan', $path)->choices ?? $format->field('plan', "{$path}.0")->choices ?? [];
    }

    /** @param  list<string>  $keys */
    private static function read(mixed $at, array $keys): mixed
    {
        foreach ($keys as $key) {
            $at = $at instanceof \stdClass ? $at->{$key} ?? null : null;
        }

        return $at;
    }

    /** @param  list<string>  $keys */
    private static function write(\stdClass $at, array $keys, mixed $value): void
    {
        $last = (string) array_pop($keys);
        foreach ($keys as $key) {
            $inner = $at->{$key} ?? new \stdClass;
            $at = $at->{$key} = $inner instanceof \stdClass ? $inner : new \stdClass;
        }
        if ($value === null) {
            unset($at->{$last});
        } else {
            $at->{$last} = $value;
        }
    }
}
