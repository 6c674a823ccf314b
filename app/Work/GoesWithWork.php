<?php

declare(strict_types=1);

namespace App\Work;

use App\Bench\Bench;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** A record that belongs to a work: it goes and comes back with it. */
trait GoesWithWork
{
    /** @return HasMany<static, Bench> those whose work is there */
    public static function of(Bench $bench): HasMany
    {
        $all = parent::of($bench);
        $all->whereHas('work');

        return $all;
    }

    /** @return BelongsTo<Work, $this> */
    public function work(): BelongsTo
    {
        return $this->belongsTo(Work::class);
    }
}
