<?php

declare(strict_types=1);

namespace App\Models;

use Dinghy\Evaluation\Areas;
use Dinghy\File\Patch;
use Dinghy\File\PatchWords;
use Dinghy\File\PlanDocument;
use Dinghy\File\PlanWords;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One link of a job's chain of plans. Never changed once made.
 *
 * @property int $id
 * @property int $job_id
 * @property int $number
 * @property int|null $parent_id
 * @property int|null $user_id
 * @property 'import'|'edit'|'undo'|'redo'|'restore' $kind
 * @property int|null $reverts_id
 * @property string|null $patch
 * @property string $document
 * @property string $hash of the document
 * @property string $seal over all of it and the seal before
 * @property string|null $reason why it was made, where a person said
 * @property Carbon $made_at
 * @property-read User|null $author
 * @property-read PlanVersion|null $parent
 */
final class PlanVersion extends Model
{
    public $timestamps = false;

    private ?PlanDocument $read = null;

    /** @var array{string, PlanDocument}|null house rules as JSON, and the plan under them */
    private ?array $judged = null;

    protected $fillable = [
        'job_id', 'number', 'parent_id', 'user_id', 'kind', 'reverts_id', 'patch', 'document', 'hash', 'seal',
        'reason', 'made_at',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['made_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return BelongsTo<PlanVersion, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** Read once: a version never changes. */
    public function planDocument(): PlanDocument
    {
        return $this->read ??= resolve(Areas::class)->format->document($this->document);
    }

    /**
     * As a shop judges it, made once for the same rules.
     *
     * @param  \stdClass  $rules  house rules as the plan file has them
     */
    public function judgedUnder(\stdClass $rules): PlanDocument
    {
        $key = json_encode($rules, JSON_THROW_ON_ERROR);
        if ($this->judged === null || $this->judged[0] !== $key) {
            $this->judged = [$key, $this->planDocument()->underHouseRules($rules)];
        }

        return $this->judged[1];
    }

    /** What was written is what would be read. */
    public function holding(PlanDocument $document): self
    {
        [$this->read, $this->judged] = [$document, null];

        return $this;
    }

    /**
     * What made this version, as a line of a log.
     *
     * @param  PlanWords  $words  of a plan of the same boat, that names are taken from
     */
    public function says(PlanWords $words): string
    {
        $patch = $this->planPatch();

        return $patch === null ? 'the whole plan' : match ($this->kind) {
            'edit' => '', 'import' => 'replaced by a file: ', 'restore' => 'an earlier version brought back: ', default => "{$this->kind}: ",
        }.(new PatchWords($words))->of($patch);
    }

    /** The change that made this version; null for the first of a chain. */
    public function planPatch(): ?Patch
    {
        return $this->patch === null ? null : Patch::stored($this->patch);
    }
}
