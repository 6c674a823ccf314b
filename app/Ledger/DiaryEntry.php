<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * What was recorded, in one sentence, with the changes it made. Written once; the database refuses more.
 *
 * @phpstan-import-type RowChange from Timeline
 *
 * @property int $id
 * @property string $written_at
 * @property string|null $happened_on the day it happened; null: the day it was written
 * @property string $kind
 * @property string $subject what it is about, as it was called then
 * @property string|null $subject_type null: no record, or not known of an old entry
 * @property int|null $subject_id
 * @property string $sentence
 * @property list<RowChange> $changes
 * @property int|null $undoes_id
 * @property string|null $written_by by name; null: the one user of this machine
 * @property int|null $part_of_id the entry of the file it came with
 * @property array{unit: string, body: array<string, mixed>}|null $typed the request, as it was typed; null: not known
 * @property DiaryEntry|null $undoneBy
 * @property DiaryEntry|null $partOf
 */
final class DiaryEntry extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['changes' => 'array', 'subject_id' => 'integer', 'part_of_id' => 'integer', 'typed' => 'array'];
    }

    /** @return HasMany<DiaryEntry, Bench> */
    public static function of(Bench $bench): HasMany
    {
        return $bench->hasMany(self::class);
    }

    /** What is to be loaded for knowing whether it stands. */
    public const STANDING = ['undoneBy', 'partOf.undoneBy'];

    /** By the day it happened, the latest first; on one day as they were written. */
    public const DAY = 'coalesce(happened_on, substr(written_at, 1, 10))';

    public function day(): string
    {
        return $this->happened_on ?? substr($this->written_at, 0, 10);
    }

    /** @return HasOne<DiaryEntry, $this> */
    public function undoneBy(): HasOne
    {
        return $this->hasOne(self::class, 'undoes_id');
    }

    /** @return BelongsTo<DiaryEntry, $this> */
    public function partOf(): BelongsTo
    {
        return $this->belongsTo(self::class, 'part_of_id');
    }

    /** Whether it was taken back, alone or with the file it came with. */
    public function isUndone(): bool
    {
        return $this->undoneBy !== null || $this->partOf?->undoneBy !== null;
    }
}
