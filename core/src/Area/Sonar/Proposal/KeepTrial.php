<?php

declare(strict_types=1);

namespace Dinghy\Area\Sonar\Proposal;

use Dinghy\File\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\FreeId;
use Dinghy\Proposal\ProposalRefused;

/** A minute of instruments kept with the boat. */
final class KeepTrial
{
    /** Faults that are kept, and letters of each: as the file takes them, however many talk. */
    private const MOST = 20;

    private const LONGEST = 300;

    /**
     * @param  string  $at  the moment, as 2026-03-14T10:20
     * @param  array{seconds: int, sentences: int, refused: int, values: array<string, array{least: float, most: float, last: float}>}  $minute  by Measured's value
     * @param  list<string>  $faults  as they were told
     * @param  float|null  $sounded  m, by lead line from the surface; null: nobody sounded
     */
    public static function of(Plan $plan, string $instrument, string $at, array $minute, array $faults, ?float $sounded): Patch
    {
        if ($minute['sentences'] === 0 && $minute['refused'] === 0) {
            throw ProposalRefused::because('Nothing was heard in the last minute: there is nothing to keep.');
        }
        $id = FreeId::like($plan, 'minute '.substr($at, 0, 16));
        $values = [];
        foreach ($minute['values'] as $measured => $value) {
            $values[] = (object) ['measured' => $measured, ...$value];
        }

        return Patch::put("trial:{$id}", (object) [
            'id' => $id,
            'at' => $at,
            'instrument' => $instrument,
            'seconds' => $minute['seconds'],
            'sentences' => $minute['sentences'],
            'refused' => $minute['refused'],
            'faults' => array_map(static fn (string $fault): string => mb_substr($fault, 0, self::LONGEST), array_slice($faults, 0, self::MOST)),
            'values' => $values,
            ...($sounded === null ? [] : ['sounded_m' => $sounded]),
        ]);
    }
}
