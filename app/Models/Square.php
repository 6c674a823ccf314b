<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\Standing;

/**
 * @property int $tool_id
 * @property string $name
 * @property string $says
 * @property float $blade_mm
 * @property float $blade_width_mm
 * @property float $stock_mm
 * @property float $stock_width_mm
 * @property float $tested_length_mm
 * @property float $line_width_mm
 * @property float $shaving_mm
 * @property float $tolerance_mm
 * @property Instrument $instrument
 * @property string|null $dropped_on
 * @property \Illuminate\Database\Eloquent\Collection<int, SquareTest> $tests
 */
final class Square extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'blade_mm' => 'float', 'blade_width_mm' => 'float', 'stock_mm' => 'float', 'stock_width_mm' => 'float',
            'tested_length_mm' => 'float', 'line_width_mm' => 'float', 'shaving_mm' => 'float', 'tolerance_mm' => 'float',
            'instrument' => Instrument::class,
        ];
    }

    /** @return HasMany<SquareTest, $this> */
    public function tests(): HasMany
    {
        $tests = $this->hasMany(SquareTest::class);
        $tests->orderBy('tested_at')->orderBy('id');

        return $tests;
    }

    /** Why it wants testing, or null when it can be trusted. */
    public function due(): ?string
    {
        $last = $this->tests->last();

        return Standing::due($last?->verdict, $last->tested_at ?? '', $this->dropped_on, $last?->shavings_taken !== null);
    }
}
