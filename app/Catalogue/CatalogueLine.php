<?php

declare(strict_types=1);

namespace App\Catalogue;

use Dinghy\Plan\Plan;
use Dinghy\Plan\PlanDocument;
use Dinghy\Plan\PlanRefused;

/** A line of a catalogue's table: a part whose figures a plan would take, or why it is refused. */
final readonly class CatalogueLine
{
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
        $why = match (true) {
            $name === '' => 'The name is missing.',
            mb_strlen($name) > 100 => 'The name is longer than 100 letters.',
            $kind === 'battery', $kind === 'device' => self::refusedByPlan(self::LISTS[$kind], $figures),
            $kind === 'block' => self::whole($figures, 'circuits', 48),
            $kind === 'charger' => self::whole($figures, 'outputs', 12) ?? (is_numeric($figures->amps ?? null) && $figures->amps > 0 ? null : 'amps: expected a number of amps above 0.'),
            default => "kind: expected battery, device, block or charger, found \"{$kind}\".",
        };

        return new self($number, $kind, $name, $figures, $why);
    }

    /** The plan's own format judges the figures: what a plan would not take is not kept here. */
    private static function refusedByPlan(string $list, \stdClass $figures): ?string
    {
        try {
            Plan::of(PlanDocument::fromJson(json_encode(['format' => 'dinghy-plan', 'version' => 1, $list => [['id' => 'part', ...get_object_vars($figures)]]], JSON_THROW_ON_ERROR)));

            return null;
        } catch (PlanRefused $refusal) {
            return str_replace("/{$list}/0/", '', "{$refusal->problems[0]->pointer}: {$refusal->problems[0]->message}.");
        }
    }

    private static function whole(\stdClass $figures, string $key, int $most): ?string
    {
        $value = $figures->{$key} ?? null;

        return is_int($value) && $value >= 1 && $value <= $most ? null : "{$key}: expected a whole number from 1 to {$most}.";
    }
}
