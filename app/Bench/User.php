<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Instrument;

/**
 * @property int $id
 * @property string $name
 * @property LengthUnit $unit
 * @property string $ground system, light or dark
 * @property float|null $paper_mm one sheet of the user's paper, as measured
 * @property Instrument|null $instrument what a gap was last read with
 * @property string|null $instrument_url where an instrument answers over HTTP, on this machine
 * @property string|null $login the name they sign in with, in small letters; null: nobody signs in
 * @property string|null $password as argon2id has it
 * @property Bench $bench
 */
final class User extends Model
{
    protected $guarded = [];

    protected $hidden = ['password'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['unit' => LengthUnit::class, 'paper_mm' => 'float', 'instrument' => Instrument::class];
    }

    public function standAt(Bench $bench): void
    {
        $this->fill(['bench_id' => $bench->id])->save();
        $this->setRelation('bench', $bench);
    }

    /** @return BelongsTo<Bench, $this> */
    public function bench(): BelongsTo
    {
        return $this->belongsTo(Bench::class);
    }
}
