<?php

declare(strict_types=1);

namespace Dinghy\File;

use Dinghy\Plan\Plan;
use Dinghy\Quantity\QuantityFormatter;

/**
 * A plan as it is written: the JSON tree that is stored, exported and patched. Holds only what was given, never the
 * defaults. Being a document does not make it a valid plan: plan() judges that.
 */
final class PlanDocument implements \JsonSerializable
{
    /** A whole boat is some tens of kB; more than this is a mistake or mischief. */
    public const MOST_BYTES = 1_048_576;

    public const DEPTH = 32;

    private ?Plan $plan = null;

    private ?string $json = null;

    private function __construct(private readonly \stdClass $root, public readonly PlanFormat $format)
    {
    }

    /** @throws PlanRefused */
    public static function fromJson(string $json, PlanFormat $format): self
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw PlanRefused::asAWhole('expected a plan of at most '.intdiv(self::MOST_BYTES, 1024).' kB, found more');
        }
        try {
            $root = json_decode($json, false, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw PlanRefused::asAWhole('expected a JSON document nested at most '.self::DEPTH.' deep: '.lcfirst($e->getMessage()));
        }
        if (! $root instanceof \stdClass) {
            throw PlanRefused::asAWhole('expected a JSON object with "format": "'.PlanFormat::NAME.'"');
        }

        return new self(self::withProtectionLists($root), $format);
    }

    /**
     * The plan that it says, read once: a document never changes.
     *
     * @throws PlanRefused naming every place that is wrong
     */
    public function plan(): Plan
    {
        return $this->plan ??= $this->format->plan($this->root);
    }

    /** What people call what is in it. */
    public function words(QuantityFormatter $formatter): PlanWords
    {
        return new PlanWords($this->root, $this->format, $formatter);
    }

    /** The value of a field; null when it is absent or null, or a whole part is not there. */
    public function valueOf(string $on, string $path): mixed
    {
        $value = Patch::valueIn($this->root, $this->format->kinds, $on, $path);

        return is_scalar($value) ? $value : self::copied($value);
    }

    /**
     * The parts of a kind, wherever it stands in the plan.
     *
     * @return array<string, \stdClass> copies, by id
     */
    public function partsOf(string $kind): array
    {
        return array_map(self::copy(...), PartPlace::byId($this->format->kinds, $this->root, $kind));
    }

    /** The tree; the caller gets a copy and cannot change this document through it. */
    public function root(): \stdClass
    {
        return self::copy($this->root);
    }

    /** @throws PatchRefused when a part or a field that the patch names does not exist */
    public function with(Patch $patch): self
    {
        $root = $this->root();
        $patch->applyTo($root, $this->format->kinds);

        return new self($root, $this->format);
    }

    /**
     * The same plan as a shop judges it: by its house rules, where the plan brings none of its own.
     *
     * @param  \stdClass  $rules  house_rules as the plan file has them
     */
    public function underHouseRules(\stdClass $rules): self
    {
        if (get_object_vars($rules) === []) {
            return $this;
        }
        $root = $this->root();
        $own = $root->house_rules ?? new \stdClass;
        $root->house_rules = self::laidOver($rules, $own instanceof \stdClass ? $own : new \stdClass);

        return new self($root, $this->format);
    }

    /**
     * The plan as it leaves a shop: with every house rule that it is judged by written out, so that another shop gets the
     * same answer, and with the names of those that are the boat's own.
     *
     * @param  \stdClass  $rules  of the shop, as the plan file has them
     */
    public function exportedUnder(\stdClass $rules): self
    {
        $own = $this->root->house_rules ?? null;
        $root = $this->underHouseRules($rules)->root();
        $given = $root->house_rules ?? new \stdClass;
        $root->house_rules = HouseRulesFormat::shape()->withDefaults($given instanceof \stdClass ? $given : new \stdClass);
        $root->own_house_rules = $own instanceof \stdClass ? self::fieldsOf($own) : [];

        return new self($root, $this->format);
    }

    /** The plan as a shop takes it in: of house rules that were written out only the boat's own are kept. */
    public function takenIn(): self
    {
        $root = $this->root();
        $own = $root->own_house_rules ?? null;
        if (! is_array($own) || ! ($root->house_rules ?? null) instanceof \stdClass) {
            return $this;
        }
        $kept = new \stdClass;
        foreach ($own as $field) {
            [$rule, $inner] = [...explode('.', is_string($field) ? $field : '', 2), null];
            $value = $root->house_rules->{$rule} ?? null;
            if ($inner === null && $value !== null) {
                $kept->{$rule} = $value;
            } elseif ($inner !== null && $value instanceof \stdClass && isset($value->{$inner})) {
                $kept->{$rule} ??= new \stdClass;
                $kept->{$rule}->{$inner} = $value->{$inner};
            }
        }
        unset($root->own_house_rules, $root->house_rules);
        if (get_object_vars($kept) !== []) {
            $root->house_rules = $kept;
        }

        return new self($root, $this->format);
    }

    /** @return list<string> fields of house rules, as "drop_pct.thrust" */
    private static function fieldsOf(\stdClass $rules): array
    {
        $fields = [];
        foreach (get_object_vars($rules) as $rule => $value) {
            array_push(
                $fields,
                ...($value instanceof \stdClass ? array_map(
                    static fn (int|string $inner): string => "{$rule}.{$inner}",
                    array_keys(get_object_vars($value)),
                ) : [(string) $rule]),
            );
        }

        return $fields;
    }

    /** One spelling for one document, so that equal plans have equal hashes. */
    public function toJson(): string
    {
        return $this->json ??= self::encode($this->root);
    }

    /** For people and version control: indented, and a line end at the end. */
    public function toPrettyJson(): string
    {
        return self::encode($this->root, JSON_PRETTY_PRINT)."\n";
    }

    public function hash(): string
    {
        return hash('sha256', $this->toJson());
    }

    private static function encode(\stdClass $root, int $flags = 0): string
    {
        return json_encode($root, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | $flags);
    }

    public function jsonSerialize(): \stdClass
    {
        return $this->root;
    }

    private static function copied(mixed $value): mixed
    {
        return unserialize(serialize($value), ['allowed_classes' => [\stdClass::class]]);
    }

    private static function copy(\stdClass $root): \stdClass
    {
        $copy = self::copied($root);

        return $copy instanceof \stdClass ? $copy : throw new \LogicException('A tree of \stdClass copies to itself.');
    }

    /** Objects are joined key by key; anything else of the upper one stands. */
    private static function laidOver(\stdClass $under, \stdClass $over): \stdClass
    {
        $joined = self::copy($under);
        foreach (get_object_vars($over) as $key => $value) {
            $below = $joined->{$key} ?? null;
            $joined->{$key} = $value instanceof \stdClass && $below instanceof \stdClass ? self::laidOver($below, $value) : $value;
        }

        return $joined;
    }

    /** Protection may be written as one object for a list of one; it is kept as the list, so that patches find it. */
    private static function withProtectionLists(\stdClass $root): \stdClass
    {
        $parts = [...self::objectsIn($root, 'feeds'), ...self::objectsIn($root, 'bonds')];
        foreach (['banks' => 'jumpers', 'chargers' => 'outputs'] as $list => $inside) {
            foreach (self::objectsIn($root, $list) as $part) {
                array_push($parts, ...self::objectsIn($part, $inside));
            }
        }
        foreach ($parts as $part) {
            if (($part->protection ?? null) instanceof \stdClass) {
                $part->protection = [$part->protection];
            }
        }

        return $root;
    }

    /** @return list<\stdClass> */
    private static function objectsIn(\stdClass $owner, string $list): array
    {
        $items = $owner->{$list} ?? null;

        return is_array($items) ? array_values(
            array_filter($items, static fn (mixed $item): bool => $item instanceof \stdClass),
        ) : [];
    }
}
