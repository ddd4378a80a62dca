<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\SentChange;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A change that a page sends under an id of its own (the header Change-Id). Sent again, because its answer was lost, it is
 * not made again: what it made the first time is answered. One that was refused the first time has left nothing and is tried anew.
 */
final readonly class SentOnce
{
    public const HEADER = 'Change-Id';

    /** Days that what was sent is remembered. */
    private const DAYS = 30;

    /** Times that a change is tried when the database could not let two go on beside one another. */
    private const TRIES = 3;

    private function __construct(private ?string $id, private string $content, private User $user)
    {
    }

    public static function of(Request $request, User $user): self
    {
        $id = $request->header(self::HEADER);
        $id === null || (is_string($id) && Str::isUuid($id)) || abort(
            422,
            'Not kept: Change-Id is no UUID. Give each change one of its own, or none.',
        );

        return new self(
            $id === null ? null : strtolower($id),
            hash('sha256', $request->method().' '.$request->path().' '.$request->getContent()),
            $user,
        );
    }

    /**
     * @param  \Closure(): int  $change  what is to be done once, with all that it asks of the plan: sent again it is not asked again
     * @return int what $change answered, now or the first time
     */
    public function make(\Closure $change): int
    {
        if ($this->id === null) {
            return $change();
        }
        random_int(1, 100) === 1 && SentChange::query()->where('sent_at', '<', now()->subDays(self::DAYS))->delete();

        return DB::transaction(function () use ($change): int {
            $own = ['user_id' => $this->user->id, 'sent_id' => $this->id];
            // Whoever comes second waits here until the first is done.
            if (SentChange::query()->insertOrIgnore([...$own, 'content' => $this->content, 'sent_at' => now()]) === 1) {
                // Nothing is read before the change has locked what it changes: it would see the plan as it was before the wait.
                $made = $change();
                SentChange::query()->where($own)->update(['made' => $made]);

                return $made;
            }
            $sent = SentChange::query()->where($own)->firstOrFail();
            $sent->content === $this->content || abort(
                422,
                'Not kept: another change was sent under this Change-Id. Give each change one of its own.',
            );

            return $sent->made ?? throw new \LogicException('A change that is remembered has made something.');
        }, self::TRIES);
    }
}
