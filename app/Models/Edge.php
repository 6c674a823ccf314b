<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\Edge\Blade;

/**
 * @property int $tool_id
 * @property string $name
 * @property float $width_mm
 * @property float $thickness_mm
 * @property float $primary_deg
 * @property float $secondary_deg
 * @property float $micro_width_mm
 * @property float $finish_um
 * @property string $condition sharp, or what {@see \JackRest\Core\Edge\EdgeCondition} calls it
 * @property string|null $honed_on
 * @property Tool $tool
 */
final class Edge extends Record
{
    public const SHARP = 'sharp';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'width_mm' => 'float', 'thickness_mm' => 'float', 'primary_deg' => 'float',
            'secondary_deg' => 'float', 'micro_width_mm' => 'float', 'finish_um' => 'float',
        ];
    }

    /** @return BelongsTo<Tool, $this> */
    public function tool(): BelongsTo
    {
        return $this->belongsTo(Tool::class);
    }

    /** @return HasMany<HoningSession, $this> */
    public function sessions(): HasMany
    {
        return $this->hasMany(HoningSession::class);
    }

    public function toCore(): Blade
    {
        return new Blade($this->width_mm, $this->thickness_mm, $this->primary_deg, $this->secondary_deg, $this->micro_width_mm, $this->finish_um);
    }
}
