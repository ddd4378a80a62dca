<?php

declare(strict_types=1);

namespace Dinghy\Proposal;

use Dinghy\Plan\Plan;

/** Ids for new parts: short, telling, used by nothing else in the plan. */
final class FreeId
{
    private const LONGEST = 32;

    public static function like(Plan $plan, string $name): string
    {
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), '-');
        $slug = rtrim(substr($slug === '' ? 'part' : $slug, 0, self::LONGEST), '-');
        $taken = $plan->named->ids();
        for ($number = 2, $id = $slug; isset($taken[$id]); $number++) {
            $id = "{$slug}-{$number}";
        }

        return $id;
    }
}
