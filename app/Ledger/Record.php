<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

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
}
