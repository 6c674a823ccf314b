<?php

declare(strict_types=1);

namespace App\Auger\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Filing\AugerVerdict;

/** One auger bit. */
final readonly class AugerBitAnswer extends Answer
{
    /**
     * @param  array<string, string>  $figures
     */
    public function __construct(
        #[Field('its size in sixteenths of an inch')] public int $sixteenths,
        #[Field('its size, mm')] public float $sizeMm,
        #[Field('what it is called')] public string $name,
        #[Field('which state of the record this is')] public int $version,
        #[Field('the figures, by name', of: 'string', keyed: true)] public array $figures,
        #[Field('whether it cuts')] public bool $sharp,
        #[Field('how it was before; null: not told')] public ?string $before,
        #[Field('what it comes to')] public ?AugerVerdict $verdict,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
