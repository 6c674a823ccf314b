<?php

declare(strict_types=1);

namespace App\Auger;

use App\Ledger\Record;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\AugerBitForm;

/**
 * One bit of a set as it was measured last.
 *
 * @property int $tool_id
 * @property int $sixteenths of an inch, what it is called
 * @property float $spurs_mm
 * @property float $twist_mm
 * @property float|null $height_mm
 * @property float|null $hole_mm
 * @property float|null $turns
 * @property bool $is_sharp
 * @property float|null $spurs_before_mm what it measured the time before
 * @property string $checked_on
 */
final class AugerBit extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'sixteenths' => 'integer',
            'spurs_mm' => 'float',
            'twist_mm' => 'float',
            'height_mm' => 'float',
            'hole_mm' => 'float',
            'turns' => 'float',
            'is_sharp' => 'boolean',
            'spurs_before_mm' => 'float',
        ];
    }

    /** @return array<string, string> as it would be typed */
    public function typed(LengthFormatter $format): array
    {
        $mm = array_filter(
            [
                'spurs' => $this->spurs_mm,
                'twist' => $this->twist_mm,
                'height' => $this->height_mm,
                'hole' => $this->hole_mm,
            ],
            is_float(...),
        );

        return [
            ...array_map($format->typed(...), $mm),
            ...$this->turns === null ? [] : ['turns' => LengthFormatter::decimal($this->turns, 0)],
        ];
    }

    public function form(LengthFormatter $format): AugerBitForm
    {
        return AugerBitForm::of($this->sixteenths * AugerSet::STEP_MM, $this->typed($format), $this->is_sharp, $format);
    }
}
