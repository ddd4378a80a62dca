<?php

declare(strict_types=1);

namespace App\Catalogue;

use Dinghy\Evaluation\Areas;
use Dinghy\File\PartKind;
use Dinghy\File\Patch;
use Dinghy\File\PlanFormat;
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
        $format = resolve(Areas::class)->format;
        $known = $format->catalogue();
        // Where the figures are a whole part's, they are judged as one of a plan, with what they must be to each other.
        $part = isset($known[$kind]->shape->fields['id']) ? $format->kinds->named($kind) : null;
        $why = match (true) {
            $name === '' => 'The name is missing.',
            mb_strlen($name) > 100 => 'The name is longer than 100 letters.',
            isset($figures->price) && (! is_numeric($figures->price) || $figures->price < 0 || $figures->price > self::DEAREST) => 'price: expected a number from 0 to '.number_format(self::DEAREST).'.',
            ! isset($known[$kind]) => 'kind: expected '.self::oneOf(array_keys($known)).", found \"{$kind}\".",
            $part !== null => self::refusedByPlan($format, $part, $planned),
            default => self::refusedByShape($known[$kind]->shape, $planned),
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
    private static function refusedByPlan(PlanFormat $format, PartKind $kind, \stdClass $figures): ?string
    {
        $empty = $format->document(json_encode(['format' => PlanFormat::NAME, 'version' => PlanFormat::VERSION], JSON_THROW_ON_ERROR));
        try {
            $empty->with(Patch::put("{$kind->name}:part", (object) ['id' => 'part', ...get_object_vars($figures)]))->plan();

            return null;
        } catch (PlanRefused $refusal) {
            return self::sentence($refusal->problems[0], '/'.implode('/', $kind->path).'/0');
        }
    }

    private static function sentence(?Problem $problem, string $above): ?string
    {
        return $problem === null ? null : ltrim(
            str_replace($above.'/', '', $problem->pointer).": {$problem->message}.",
            '/: ',
        );
    }

    /** @param  list<string>  $words */
    private static function oneOf(array $words): string
    {
        $last = array_pop($words);

        return implode(', ', $words)." or {$last}";
    }
}
