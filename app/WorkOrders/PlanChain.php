<?php

declare(strict_types=1);

namespace App\WorkOrders;

use App\Models\Job;
use App\Models\PlanVersion;
use Dinghy\File\PatchRefused;
use Dinghy\File\PlanRefused;

/**
 * The seals of a job's plan versions: each is made with the application's key over what the version holds, who made it
 * and when, and over the seal before it, so that nothing can be changed in the database afterwards without it being seen.
 */
final readonly class PlanChain
{
    /** What is sealed, in this order; the version that a step takes back or brings again is sealed as its row. */
    private const SEALED = [
        'job_id', 'number', 'parent_id', 'user_id', 'kind', 'reverts_id', 'patch', 'document', 'hash', 'reason',
        'made_at',
    ];

    public function __construct(private Job $job)
    {
    }

    /**
     * @param  array<string, mixed>  $row  a version as the database has it
     * @param  string|null  $before  the seal of the version before; null: it is the first
     */
    public static function seal(array $row, ?string $before, ?string $key = null): string
    {
        $sealed = array_map(
            static fn (string $column): ?string => is_scalar($row[$column] ?? null) ? (string) $row[$column] : null,
            self::SEALED,
        );
        $key ??= self::keys()[0];

        return hash_hmac(
            'sha256',
            json_encode([...$sealed, $before], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            hash_hmac('sha256', 'seal of plan versions', $key, true),
        );
    }

    /**
     * @return list<string> what is wrong with the chain, each with the number of the version; none: it is whole, or has no version yet
     */
    public function faults(): array
    {
        $faults = [];
        $before = null;
        // One after the other: all documents of a long chain are more than memory should hold.
        foreach ($this->job->planVersions()->pluck('number')->sort() as $next) {
            $version = $this->job->planVersions()->where('number', $next)->firstOrFail();
            $number = $before === null ? 1 : $before->number + 1;
            if ($version->number !== $number || $version->parent_id !== $before?->id) {
                $faults[] = "Version {$version->number}: it does not follow version ".($number - 1).'.';
            }
            if (! self::isSealed($version, $before?->seal)) {
                $faults[] = "Version {$version->number}: its seal is not that of what it holds. Document, change, author, time or order was changed after it was made, or the seal by another key.";
            }
            if ($version->hash !== hash('sha256', $version->document)) {
                $faults[] = "Version {$version->number}: its hash is not that of its document.";
            }
            if (! self::follows($version, $before)) {
                $faults[] = "Version {$version->number}: its change does not make its document out of the one before.";
            }
            $before = $version;
        }

        return $faults;
    }

    private static function isSealed(PlanVersion $version, ?string $before): bool
    {
        foreach (self::keys() as $key) {
            if (hash_equals(self::seal($version->getRawOriginal(), $before, $key), $version->seal)) {
                return true;
            }
        }

        return false;
    }

    private static function follows(PlanVersion $version, ?PlanVersion $before): bool
    {
        try {
            $patch = $version->planPatch();

            return $patch === null || ($before !== null && $before->planDocument()->with($patch)->toJson() === $version->document);
        } catch (PatchRefused|PlanRefused|\JsonException) {
            return false;
        }
    }

    /** @return non-empty-list<string> the key of today, then those that were retired */
    private static function keys(): array
    {
        $retired = config('app.previous_keys');

        return [
            config()->string('app.key'),
            ...array_values(array_filter(is_array($retired) ? $retired : [], is_string(...))),
        ];
    }
}
