<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Kit\ToolKinds;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Stall\LookOver as CoreLookOver;

/**
 * A second-hand tool being looked over; half done it waits as it is.
 *
 * @property string $kind
 * @property string $name
 * @property array<string, array{outcome: string|null, readings: list<string>}> $found by the id of a check
 * @property float $good_price
 * @property float $per_hour
 * @property float|null $asked
 * @property string $state open, bought or left
 * @property string $begun_at
 * @property int|null $tool_id
 * @property \Illuminate\Database\Eloquent\Collection<int, Photo> $photos
 */
final class LookOver extends Record
{
    public const OPEN = 'open';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['found' => 'array', 'good_price' => 'float', 'per_hour' => 'float', 'asked' => 'float'];
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    public function toCore(LengthFormatter $format): CoreLookOver
    {
        return CoreLookOver::of(ToolKinds::named($this->kind), $this->found, $this->good_price, $this->per_hour, $this->asked, $format);
    }
}
