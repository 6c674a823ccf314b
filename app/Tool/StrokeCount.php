<?php

declare(strict_types=1);

namespace App\Tool;

use App\Ledger\Record;
use JackRest\Core\Fit\SawCount;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Fit\Questions\SawQuestion;

/**
 * Strokes counted through one cut.
 *
 * @property int $tool_id
 * @property float $thickness_mm
 * @property float $depth_mm
 * @property Hardness $hardness
 * @property int $strokes
 * @property string $counted_at
 */
final class StrokeCount extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'thickness_mm' => 'float',
            'depth_mm' => 'float',
            'hardness' => Hardness::class,
            'strokes' => 'integer',
        ];
    }

    /** @param  array<string, float>  $sizes  of the saw */
    public function toCore(array $sizes): SawCount
    {
        return new SawCount(
            $sizes['tpi'],
            SawQuestion::STROKE * $sizes['length'],
            $this->thickness_mm,
            $this->depth_mm,
            $this->hardness,
            $this->strokes,
        );
    }
}
