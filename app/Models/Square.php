<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\ShavingLearnt;
use JackRest\Desk\Truing\SquareForm;

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
    use MadeOfWood;

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

    /** How thick one shaving was, where the last test was planed after and this one shows what that took; null: nothing is told. */
    public function learntShavingMm(SquareForm $sheet): ?float
    {
        $last = $this->tests->last();

        return $sheet->result === null || $sheet->test === null || $last === null || $last->shavings_taken === null || $last->edge !== $sheet->test->edge->value || $sheet->isMetal
            ? null
            : ShavingLearnt::ofTaperMm($last->error_mm, $sheet->result->errorMm, $last->shavings_taken, $this->shaving_mm);
    }

    public function says(LengthFormatter $format): string
    {
        return $this->says;
    }

    public function key(): string
    {
        return "square-{$this->id}";
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

    public function leverage(): ?MoistureResponse
    {
        return $this->metal ? null : MoistureResponse::Square;
    }

    public function movingLengthMm(): float
    {
        return $this->tested_length_mm;
    }
}
