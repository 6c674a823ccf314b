<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\ShavingLearnt;
use JackRest\Core\Truing\StraightedgeRecord;
use JackRest\Desk\Truing\StraightedgeForm;

/**
 * A straightedge that is tested against itself.
 *
 * @property int $tool_id
 * @property string $name
 * @property float $length_mm
 * @property float|null $height_mm
 * @property float|null $least_mm
 * @property float $line_width_mm
 * @property float $shaving_mm
 * @property float $tolerance_mm
 * @property float $flat_to_mm how true the flat is that it may be tested on
 * @property Instrument $instrument
 * @property string|null $dropped_on
 * @property \Illuminate\Database\Eloquent\Collection<int, StraightTest> $tests
 */
final class Straight extends Record implements Trued
{
    use KeepsHistory;
    use MadeOfWood;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['length_mm' => 'float', 'height_mm' => 'float', 'least_mm' => 'float', 'line_width_mm' => 'float', 'shaving_mm' => 'float', 'tolerance_mm' => 'float', 'flat_to_mm' => 'float', 'instrument' => Instrument::class];
    }

    /** @return HasMany<StraightTest, $this> */
    public function tests(): HasMany
    {
        $tests = $this->hasMany(StraightTest::class);
        $tests->orderBy('tested_at')->orderBy('id');

        return $tests;
    }

    public function toCore(): StraightedgeRecord
    {
        return new StraightedgeRecord($this->length_mm, $this->height_mm, $this->least_mm);
    }

    /** How thick one shaving was, where the last test was planed after and this one shows what that took; null: nothing is told. */
    public function learntShavingMm(StraightedgeForm $sheet): ?float
    {
        $last = $this->tests->last();
        $before = $last === null || $last->strokes_taken === null ? [] : $last->readings;
        if ($sheet->result === null || $sheet->test === null || ! isset($before['stationsMm'], $before['deviationMm'], $before['shavings'])) {
            return null;
        }
        /** @var array{stationsMm: non-empty-list<int|float>, deviationMm: non-empty-list<int|float>, shavings: non-empty-list<int>} $before */
        $stations = array_map(floatval(...), $before['stationsMm']);

        return $stations === $sheet->test->stationsMm
            ? ShavingLearnt::mm($stations, array_map(floatval(...), $before['deviationMm']), $sheet->result->deviationMm, $before['shavings'], $this->shaving_mm)
            : null;
    }

    public function says(LengthFormatter $format): string
    {
        return "{$format->dimension($this->length_mm)} long".($this->height_mm === null ? '' : ", {$format->dimension($this->height_mm)} high");
    }

    public function key(): string
    {
        return "straight-{$this->id}";
    }

    public function path(): string
    {
        return "/true/straights/{$this->id}";
    }

    public function outline(): array
    {
        return ['form' => 'straight', 'sizes' => []];
    }

    public function sides(): array
    {
        return ['high in the middle', 'hollow'];
    }

    public function leverage(): MoistureResponse
    {
        return MoistureResponse::Straight;
    }

    public function movingLengthMm(): float
    {
        return $this->length_mm;
    }
}
