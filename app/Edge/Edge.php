<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Ledger\Record;
use App\Session\BenchSession;
use App\Tool\Tool;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use JackRest\Core\Edge\BevelSchool;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeKind;
use JackRest\Core\Edge\NewEdge;
use JackRest\Core\Edge\Steel;
use JackRest\Core\EdgeHistory\EdgeEntry as CoreEvent;

/**
 * @property int $tool_id
 * @property string $name
 * @property float $width_mm
 * @property float $thickness_mm
 * @property float $primary_deg
 * @property float $secondary_deg
 * @property float $micro_width_mm
 * @property float $finish_um
 * @property string $condition sharp, or what {@see \JackRest\Core\Edge\EdgeNeed} calls it
 * @property string|null $honed_on
 * @property EdgeKind $form
 * @property EdgeDuty $duty
 * @property Steel $steel
 * @property float|null $bed_deg
 * @property bool $bevel_up
 * @property float $back_bevel_deg
 * @property float $skew_deg
 * @property float|null $radius_mm
 * @property float|null $wheel_mm
 * @property float $honed_mm honed off the lands of a hollow since it was ground
 * @property float|null $left_mm usable length of the blade
 * @property float|null $aim_deg the honed angle it is meant to have
 * @property Tool $tool
 */
final class Edge extends Record
{
    public const SHARP = 'sharp';

    /** Whether any edge of a bench is of hard steel laminated to soft iron. */
    public static function hasLaminated(Bench $bench): bool
    {
        return self::of($bench)->where('steel', Steel::Laminated->value)->exists();
    }

    /** @return HasMany<self, Tool> */
    public static function ofTool(Tool $tool): HasMany
    {
        return $tool->hasMany(self::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'width_mm' => 'float',
            'thickness_mm' => 'float',
            'primary_deg' => 'float',
            'secondary_deg' => 'float',
            'micro_width_mm' => 'float',
            'finish_um' => 'float',
            'form' => EdgeKind::class,
            'duty' => EdgeDuty::class,
            'steel' => Steel::class,
            'bed_deg' => 'float',
            'bevel_up' => 'boolean',
            'back_bevel_deg' => 'float',
            'skew_deg' => 'float',
            'radius_mm' => 'float',
            'wheel_mm' => 'float',
            'honed_mm' => 'float',
            'left_mm' => 'float',
            'aim_deg' => 'float',
        ];
    }

    /** @return BelongsTo<Tool, $this> */
    public function tool(): BelongsTo
    {
        return $this->belongsTo(Tool::class);
    }

    /** @return MorphMany<BenchSession, $this> */
    public function sessions(): MorphMany
    {
        return $this->morphMany(BenchSession::class, 'subject');
    }

    /** @return HasMany<EdgeEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(EdgeEvent::class);
    }

    /** @return HasMany<StopTrial, $this> */
    public function trials(): HasMany
    {
        return $this->hasMany(StopTrial::class);
    }

    /** @return list<CoreEvent> what happened to it, oldest first */
    public function story(): array
    {
        return EdgeEvent::stories($this->events())[$this->id] ?? [];
    }

    public function toCore(): Blade
    {
        return new Blade(
            $this->width_mm,
            $this->thickness_mm,
            $this->primary_deg,
            $this->secondary_deg,
            $this->micro_width_mm,
            $this->finish_um,
            $this->form,
            $this->duty,
            $this->bed_deg,
            $this->bevel_up,
            $this->back_bevel_deg,
            $this->skew_deg,
            $this->radius_mm,
            $this->wheel_mm,
            $this->honed_mm,
            $this->steel,
        );
    }

    /** @return array<string, mixed> the columns of an edge that comes with a tool */
    public static function columns(NewEdge $edge, BevelSchool $school): array
    {
        $bevels = $school->bevels($edge);

        return [
            'name' => $edge->name,
            'form' => $edge->form,
            'duty' => $edge->duty,
            'width_mm' => $edge->widthMm,
            'thickness_mm' => $edge->thicknessMm,
            'primary_deg' => $bevels['primaryDeg'],
            'secondary_deg' => $bevels['secondaryDeg'],
            'aim_deg' => $bevels['secondaryDeg'],
            'wheel_mm' => $bevels['wheelMm'],
            'micro_width_mm' => 0.0,
            'finish_um' => $edge->duty->finishUm(),
            'bed_deg' => $edge->bedDeg,
            'bevel_up' => $edge->bevelUp,
            'skew_deg' => $edge->skewDeg,
            'radius_mm' => $edge->radiusMm,
            'condition' => self::SHARP,
        ];
    }
}
