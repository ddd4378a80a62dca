<?php

declare(strict_types=1);

namespace App\Photographs;

use App\Models\Job;
use App\Models\PhotographPiece;
use App\Models\PhotographUpload;
use App\Models\User;
use App\WorkOrders\PlanHistory;
use Dinghy\File\Patch;
use Dinghy\Plan\Plan;
use Dinghy\Proposal\FreeId;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Photographs that go up piece by piece, each piece after the last that arrived (the core of the open protocol tus 1.0).
 * The last one makes the picture, and its entry in the plan's survey, in one transaction; nothing is half-stored. What
 * has become of it stays known, so that a sender whose line broke on the last answer neither loses it nor sends it twice.
 */
final readonly class PhotographUploads
{
    public const MOST_BYTES = 16_000_000;

    /**
     * Uploads that nobody came back to, and pictures that no version of the plan points at, are cleared away after so
     * many days.
     */
    public const KEPT_DAYS = 7;

    public function __construct(private Job $job)
    {
    }

    /** @throws NotAPhotograph */
    public function begin(User $user, int $length, string $of, string $words): PhotographUpload
    {
        PhotographUpload::query()->where('begun_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
        $this->clearUnnamed();
        if ($length > self::MOST_BYTES) {
            throw NotAPhotograph::tooManyBytes();
        }

        return PhotographUpload::query()->create(
            ['job_id' => $this->job->id, 'user_id' => $user->id, 'of' => $of, 'words' => $words, 'length' => $length],
        );
    }

    /**
     * @return bool|null true: it is whole and kept; false: more is to come; null: the piece does not follow what arrived
     *
     * @throws NotAPhotograph
     */
    public function append(PhotographUpload $upload, User $user, int $offset, string $bytes): ?bool
    {
        $whole = DB::transaction(function () use ($upload, $offset, $bytes): ?bool {
            // Held first, then read: two pieces that come at once follow one another.
            PhotographUpload::query()->whereKey($upload->id)->lockForUpdate()->value('id');
            $now = PhotographUpload::query()->find($upload->id);
            if ($now === null || $now->offset !== $offset || $offset + strlen($bytes) > $now->length) {
                return null;
            }
            if ($bytes !== '') {
                $now->pieces()->create(['offset' => $offset, 'bytes' => $bytes]);
                $now->update(['offset' => $offset + strlen($bytes)]);
            }
            $upload->setRawAttributes($now->getAttributes(), true);

            return $now->isWhole();
        });
        if ($whole === true) {
            $this->keep($upload, $user);
        }

        return $whole;
    }

    /**
     * Makes the picture of an upload that has arrived; one that is made already stays as it is.
     *
     * @throws NotAPhotograph
     */
    public function keep(PhotographUpload $upload, User $user): void
    {
        if ($upload->kept) {
            return;
        }
        $bytes = $upload->pieces()->get()->sortBy('offset')->map(
            static fn (PhotographPiece $piece): string => $piece->bytes,
        )->implode('');
        try {
            $developed = DevelopedPhotograph::from($bytes);
        } catch (NotAPhotograph $refused) {
            $upload->delete();
            throw $refused;
        }
        DB::transaction(function () use ($upload, $user, $developed): void {
            // Somebody may ask how much has arrived while the last piece is still being made into the picture.
            if (PhotographUpload::query()->whereKey($upload->id)->lockForUpdate()->value('kept') !== false) {
                return;
            }
            (new PlanHistory($this->job))->propose($user, static function (Plan $plan) use ($upload, $developed): Patch {
                $name = FreeId::like($plan, 'photo '.str_replace(':', ' ', $upload->of));

                return Patch::put(
                    "photograph:{$name}",
                    (object) [
                        'id' => $name,
                        'of' => $upload->of,
                        ...($upload->words === '' ? [] : ['words' => $upload->words]),
                        'taken_at' => now()->format('Y-m-d H:i'),
                        'picture' => $developed->content(),
                    ],
                );
            });
            $this->store($developed, $user);
            $upload->pieces()->delete();
            $upload->update(['kept' => true]);
        });
    }

    /** A picture for entries of the plan to point at. One that is there already stays as it is. */
    public function store(DevelopedPhotograph $developed, ?User $user): void
    {
        $this->job->photographs()->createOrFirst(['content' => $developed->content()], [
            'user_id' => $user?->id, 'width' => $developed->width, 'height' => $developed->height, 'picture' => $developed->picture, 'thumbnail' => $developed->thumbnail, 'made_at' => now(),
        ]);
    }

    /** Any version of the plan can be brought back: a picture goes when none of them points at it. */
    private function clearUnnamed(): void
    {
        $this->job->photographs()->where('made_at', '<', now()->subDays(self::KEPT_DAYS))
            ->whereNotExists(
                static fn (Builder $versions) => $versions->from('plan_versions')->whereColumn(
                    'plan_versions.job_id',
                    'photographs.job_id',
                )->whereRaw('locate(photographs.content, plan_versions.document) > 0'),
            )
            ->delete();
    }
}
