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
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\EdgeStateCalculation;
use JackRest\Core\Edge\NewEdge;
use JackRest\Core\Edge\Steel;
use JackRest\Core\EdgeHistory\EdgeEntry as CoreEvent;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\EdgeHistory\EdgeForecastWords;

/**
 * @property int $tool_id
 * @property string $name
 * @property float $width_mm
 * @property float $thickness_mm
 * @property float $primary_deg
 * @property float $secondary_deg
 * @property float $micro_width_mm
 * @property float $finish_um
 * @property string $condition sharp, unknown, or what {@see EdgeNeed} calls it
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
 * @property float|null $nick_mm how deep its nick is; null: it has none, or nobody measured it
 * @property Tool $tool
 */
final class Edge extends Record
{
    public const SHARP = 'sharp';

    /** Nobody has looked at it yet. */
    public const UNKNOWN = 'unknown';

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
            'nick_mm' => 'float',
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

    /**
     * @param  string  $at  ISO 8601
     * @return list<EdgeEntryKind> what happened to it after that
     */
    public function laterKinds(string $at): array
    {
        $later = $this->events()->where('happened_at', '>', $at)->get(['kind']);

        return array_values($later->map(static fn (EdgeEvent $one): EdgeEntryKind => $one->kind)->all());
    }

    /** @return HasMany<StopTrial, $this> */
    public function trials(): HasMany
    {
        return $this->hasMany(StopTrial::class);
    }

    public function isSharp(): bool
    {
        return $this->condition === self::SHARP;
    }

    /** Whether it was looked at and wants something. */
    public function isDue(): bool
    {
        return EdgeNeed::tryFrom($this->condition) !== null;
    }

    /** How a condition is read. */
    public static function says(string $condition): string
    {
        return match ($condition) {
            self::SHARP => 'Sharp',
            self::UNKNOWN => 'Not looked at yet',
            default => EdgeNeed::from($condition)->label(),
        };
    }

    /** @return array<string, string> what was measured of what it wants, as it would be typed */
    public function typed(LengthFormatter $format): array
    {
        return $this->nick_mm === null ? [] : ['nickDepth' => $format->typed($this->nick_mm)];
    }

    /** When it will want honing next, in words. */
    public function forecast(EdgeForecast $ahead): string
    {
        return match (true) {
            $this->isSharp() => (new EdgeForecastWords($ahead))->sentence(),
            $this->isDue() => 'It wants honing now.',
            default => 'Look at it first: nobody has said how it is.',
        };
    }

    /** @return list<mixed> the worst first, one that nobody has looked at before the sharp ones, then by name */
    public function order(): array
    {
        return [EdgeNeed::badness($this->condition), $this->isSharp(), $this->name];
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
            // Nobody has measured it: what is honed on has a usual width.
            'micro_width_mm' => $bevels['secondaryDeg'] > $bevels['primaryDeg']
                    ? EdgeStateCalculation::USUAL_WIDTH_MM
                    : 0.0,
            'finish_um' => $edge->duty->finishUm(),
            'bed_deg' => $edge->bedDeg,
            'bevel_up' => $edge->bevelUp,
            'skew_deg' => $edge->skewDeg,
            'radius_mm' => $edge->radiusMm,
            'condition' => self::UNKNOWN,
        ];
    }
}
