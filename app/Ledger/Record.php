<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use JackRest\Desk\ToDo\Topic;

/**
 * Anything kept on a bench. Written only through the ledger, which counts versions and keeps the diary.
 *
 * @property int $id
 * @property int $bench_id
 * @property int $version
 * @property \Illuminate\Support\Carbon|null $created_at
 */
abstract class Record extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    /** @var array<class-string, array<string, string>> put together once for each kind of record, not for each value */
    private static array $castsOf = [];

    /** @return array<string, string> */
    public function getCasts(): array
    {
        return self::$castsOf[static::class] ??= parent::getCasts();
    }

    /** What a line about it leads to. Which page that is, the front end knows. */
    public function topic(): Topic
    {
        return new Topic($this->getMorphClass(), $this->id);
    }

    /** What it is a part of, when it has no name and no page of its own; else itself. */
    public function whole(): self
    {
        return $this;
    }

    /** @return HasMany<static, Bench> all of its kind that a bench has; every query for a record starts here */
    public static function of(Bench $bench): HasMany
    {
        return $bench->hasMany(static::class);
    }
}
