<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class GuideCalibrateInput
{
    private const SAME = 1e-9;

    /**
     * @param  list<GuideSetting>  $settings
     *
     * @throws InvalidInput when the settings do not determine the axle
     */
    public function __construct(
        #[Field('diameter of the roller, mm', above: 0)] public float $rollerDiameterMm,
        #[
            Field('settings that were measured', of: GuideSetting::class, minItems: 2, maxItems: 1000),
        ]
        public array $settings,
    ) {
        if (
            self::spread(array_map(static fn (GuideSetting $setting): float => $setting->angleDeg, $settings)) <
            self::SAME
        ) {
            throw InvalidInput::because('settings', 'must hold two different angles');
        }
        if (
            self::spread(array_map(static fn (GuideSetting $setting): float => $setting->projectionMm, $settings)) <
            self::SAME
        ) {
            throw InvalidInput::because(
                'settings',
                'give one projection for different angles: measure a second projection',
            );
        }
    }

    /** @param  list<float>  $numbers */
    private static function spread(array $numbers): float
    {
        return max([0.0, ...$numbers]) - min([INF, ...$numbers]);
    }
}
