<?php

declare(strict_types=1);

namespace App\Blank;

use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Shelf\RestReading as CoreVisit;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WoodBlank as CoreBlank;
use JackRest\Core\Timber\Species;
use LogicException;

/**
 * A piece of wood on the shelf.
 *
 * @property string $name
 * @property string $species
 * @property float $length_mm
 * @property float $width_mm
 * @property float $thickness_mm
 * @property float $ring_deg
 * @property float|null $runout_deg
 * @property Figured $figure
 * @property Knots $knots
 * @property \Illuminate\Database\Eloquent\Collection<int, RestVisit> $visits
 */
final class Blank extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'length_mm' => 'float',
            'width_mm' => 'float',
            'thickness_mm' => 'float',
            'ring_deg' => 'float',
            'runout_deg' => 'float',
            'figure' => Figured::class,
            'knots' => Knots::class,
        ];
    }

    /** @return HasMany<RestVisit, $this> */
    public function visits(): HasMany
    {
        $visits = $this->hasMany(RestVisit::class);
        $visits->orderBy('measured_at')->orderBy('id');

        return $visits;
    }

    public function restTest(float $today): RestTest
    {
        return new RestTest(
            array_values(
                $this->visits
                    ->map(
                        static fn (RestVisit $visit): CoreVisit => new CoreVisit(
                            (int) strtotime($visit->measured_at) / ClimateLine::SECONDS_PER_DAY,
                            $visit->bow_mm,
                            $visit->wind_mm,
                            $visit->cup_mm,
                        ),
                    )
                    ->all(),
            ),
            $today,
        );
    }

    public function toCore(float $today): CoreBlank
    {
        $species = Species::named($this->species) ?? throw new LogicException("$this->species is no longer listed");

        return new CoreBlank(
            (string) $this->id,
            $this->name,
            $species,
            $this->length_mm,
            $this->width_mm,
            $this->thickness_mm,
            $this->ring_deg,
            $this->runout_deg,
            $this->figure,
            $this->knots,
            $this->restTest($today),
        );
    }
}
