<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\Instrument;

/**
 * @property int $tool_id
 * @property string $name
 * @property string $says what it is made of
 * @property float $blade_mm
 * @property float $blade_width_mm
 * @property float $stock_mm
 * @property float $stock_width_mm
 * @property float $tested_length_mm
 * @property float $line_width_mm
 * @property float $shaving_mm
 * @property float $tolerance_mm
 * @property Instrument $instrument
 * @property bool $metal
 * @property float|null $least_mm the width below which a new one is made
 * @property string|null $dropped_on
 * @property \Illuminate\Database\Eloquent\Collection<int, SquareTest> $tests
 */
final class Square extends Record implements Trued
{
    use KeepsHistory;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'blade_mm' => 'float', 'blade_width_mm' => 'float', 'stock_mm' => 'float', 'stock_width_mm' => 'float',
            'tested_length_mm' => 'float', 'line_width_mm' => 'float', 'shaving_mm' => 'float', 'tolerance_mm' => 'float',
            'instrument' => Instrument::class, 'metal' => 'boolean', 'least_mm' => 'float',
        ];
    }

    /** @return HasMany<SquareTest, $this> */
    public function tests(): HasMany
    {
        $tests = $this->hasMany(SquareTest::class);
        $tests->orderBy('tested_at')->orderBy('id');

        return $tests;
    }

    public function says(LengthFormatter $format): string
    {
        return $this->says;
    }

    public function path(): string
    {
        return "/true/{$this->id}";
    }

    public function outline(): array
    {
        return ['form' => 'square', 'sizes' => ['blade' => $this->blade_mm, 'bladeWidth' => $this->blade_width_mm, 'stock' => $this->stock_mm, 'stockWidth' => $this->stock_width_mm]];
    }

    public function sides(): array
    {
        return ['toward the stock', 'away from it'];
    }
}
