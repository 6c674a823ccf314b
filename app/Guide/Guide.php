<?php

declare(strict_types=1);

namespace App\Guide;

use App\Ledger\Record;
use JackRest\Core\Edge\GuideSeat;
use JackRest\Core\Edge\GuideSetting;

/**
 * A honing guide with one of its seats, as it was measured.
 *
 * @property string $name
 * @property GuideSeat $seat
 * @property float $roller_mm
 * @property list<array{projectionMm: float, angleDeg: float}> $settings
 * @property list<float> $stops angles of the projection board
 */
final class Guide extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seat' => GuideSeat::class, 'roller_mm' => 'float', 'settings' => 'array', 'stops' => 'array'];
    }

    /** @return list<GuideSetting> */
    public function measured(): array
    {
        return array_map(
            static fn (array $setting): GuideSetting => new GuideSetting(
                (float) $setting['projectionMm'],
                (float) $setting['angleDeg'],
            ),
            $this->settings,
        );
    }
}
