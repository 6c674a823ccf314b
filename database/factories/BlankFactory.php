<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Blank\Blank;

/**
 * A straight, clear board of white oak, flat sawn at 45°.
 *
 * @extends RecordFactory<Blank>
 */
final class BlankFactory extends RecordFactory
{
    /** @var class-string<Blank> */
    protected $model = Blank::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'name' => 'board',
            'species' => 'white oak',
            'length_mm' => 600,
            'width_mm' => 80,
            'thickness_mm' => 25,
            'ring_deg' => 45,
            'runout_deg' => 0,
            'figure' => 'straight',
            'knots' => 'none',
        ];
    }

    public function measuring(float $lengthMm, float $widthMm, float $thicknessMm): static
    {
        return $this->state(['length_mm' => $lengthMm, 'width_mm' => $widthMm, 'thickness_mm' => $thicknessMm]);
    }

    /** How its rings stand to its face, and how far the grain runs out. */
    public function sawn(float $ringDeg, float $runoutDeg): static
    {
        return $this->state(['ring_deg' => $ringDeg, 'runout_deg' => $runoutDeg]);
    }
}
