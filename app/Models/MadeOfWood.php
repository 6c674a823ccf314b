<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Timber\Species;

/**
 * The wood of a reference, where it was told.
 *
 * @phpstan-require-extends Record
 *
 * @property array{species: string, ringDeg: float, runoutDeg: float, thicknessMm: float}|null $wood
 */
trait MadeOfWood
{
    public function initializeMadeOfWood(): void
    {
        $this->mergeCasts(['wood' => 'array']);
    }

    public function ofWood(): ?ReferenceWood
    {
        $species = $this->wood === null ? null : Species::named($this->wood['species']);

        return $this->wood === null || $species === null ? null : new ReferenceWood($species, (float) $this->wood['ringDeg'], (float) $this->wood['runoutDeg'], (float) $this->wood['thicknessMm']);
    }

    /** @return array{wood: array<string, string|float>} columns */
    public static function woodColumns(ReferenceWood $wood): array
    {
        return ['wood' => ['species' => $wood->species->name, 'ringDeg' => $wood->ringDeg, 'runoutDeg' => $wood->runoutDeg, 'thicknessMm' => $wood->thicknessMm]];
    }
}
