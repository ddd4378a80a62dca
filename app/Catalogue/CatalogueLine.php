<?php

declare(strict_types=1);

namespace App\Catalogue;

use Dinghy\Evaluation\Areas;
use Dinghy\File\PlanRefused;
use Dinghy\File\Shape\ObjectShape;
use Dinghy\File\Shape\Problem;
use Dinghy\File\Shape\Problems;
use Dinghy\Plan\Plan;

/** A line of a catalogue's table: a part whose figures a plan would take, or why it is refused. */
final readonly class CatalogueLine
{
    /** in the shop's money: above it somebody has slipped */
    private const DEAREST = 10_000_000;

    private const LISTS = ['battery' => 'batteries', 'device' => 'devices'];

    private function __construct(
        public int $number,
        public string $kind,
        public string $name,
        public \stdClass $figures,
        public ?string $refused,
    ) {
    }

    public static function refused(int $number, string $name, string $why): self
    {
        return new self($number, '', $name, new \stdClass, $why);
    }

    public static function of(int $number, string $kind, string $name, \stdClass $figures): self
    {
        $planned = clone $figures;
        unset($planned->price);
        $shape = resolve(Areas::class)->format->catalogue()[$kind] ?? null;
        $why = match (true) {
            $name === '' => 'The name is missing.',
            mb_strlen($name) > 100 => 'The name is longer than 100 letters.',
            isset($figures->price) && (! is_numeric($figures->price) || $figures->price < 0 || $figures->price > self::DEAREST) => 'price: expected a number from 0 to '.number_format(self::DEAREST).'.',
            isset(self::LISTS[$kind]) => self::refusedByPlan(self::LISTS[$kind], $planned),
            $shape !== null => self::refusedByShape($shape, $planned),
            $kind === 'block' => self::whole($figures, 'circuits', 48),
            $kind === 'charger' => self::whole($figures, 'outputs', 12) ?? (is_numeric($figures->amps ?? null) && $figures->amps > 0 ? null : 'amps: expected a number of amps above 0.'),
            default => "kind: expected battery, device, block, charger, wire, protection or connector, found \"{$kind}\".",
        };

        return new self($number, $kind, $name, $figures, $why);
    }

    /** The plan's own format judges the figures: what a plan would not take is not kept here. */
    private static function refusedByShape(ObjectShape $shape, \stdClass $figures): ?string
    {
        $problems = new Problems;
        $shape->read($figures, '', $problems);

        return self::sentence($problems->all()[0] ?? null, '');
    }

    /** As above, with what the figures of one part must be to each other. */
    private static function refusedByPlan(string $list, \stdClass $figures): ?string
    {
        try {
            resolve(Areas::class)->format->document(json_encode(['format' => 'dinghy-plan', 'version' => 1, $list => [['id' => 'part', ...get_object_vars($figures)]]], JSON_THROW_ON_ERROR))->plan();

            return null;
        } catch (PlanRefused $refusal) {
            return self::sentence($refusal->problems[0], "/{$list}/0");
        }
    }

    private static function sentence(?Problem $problem, string $above): ?string
    {
        return $problem === null ? null : ltrim(str_replace($above.'/', '', $problem->pointer).": {$problem->message}.", '/: ');
    }

    private static function whole(\stdClass $figures, string $key, int $most): ?string
    {
        $value = $figures->{$key} ?? null;

        return is_int($value) && $value >= 1 && $value <= $most ? null : "{$key}: expected a whole number from 1 to {$most}.";
    }
}
