<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use JackRest\Core\Measure\LengthUnit;

/**
 * @property int $id
 * @property string $name
 * @property LengthUnit $unit
 * @property string $ground system, light or dark
 * @property Bench $bench
 */
final class User extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => LengthUnit::class];
    }

    /** @return BelongsTo<Bench, $this> */
    public function bench(): BelongsTo
    {
        return $this->belongsTo(Bench::class);
    }
}
