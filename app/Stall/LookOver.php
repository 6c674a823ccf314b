<?php

declare(strict_types=1);

namespace App\Stall;

use App\Bench\Bench;
use App\Ledger\Record;
use App\Photo\Photo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Kit\ToolForm;
use JackRest\Desk\Stall\Inspection as CoreLookOver;

/**
 * A second-hand tool being looked over; half done it waits as it is.
 *
 * @property string $kind
 * @property string $name
 * @property array<string, array{outcome: string|null, readings: list<string>}> $found by the id of a check
 * @property float $good_price
 * @property float $per_hour
 * @property float|null $asked
 * @property array<string, string> $sizes as they were typed, by dimension
 * @property LengthUnit $unit in which bare figures were typed
 * @property string $state open, bought or left
 * @property string $begun_at
 * @property int|null $tool_id
 * @property \Illuminate\Database\Eloquent\Collection<int, Photo> $photos
 */
final class LookOver extends Record
{
    public const OPEN = 'open';

    public const BOUGHT = 'bought';

    public const LEFT = 'left';

    /** Worth of an hour where nobody said; invented. */
    private const PER_HOUR = 10.0;

    /** @return array<string, mixed> columns of one that is begun now, but for the unit */
    public static function begun(ToolKind $kind, Bench $bench): array
    {
        return [
            'kind' => $kind->id,
            'name' => $kind->name,
            'found' => [],
            'good_price' => $kind->price,
            'per_hour' => self::perHour($bench),
            'state' => self::OPEN,
            'sizes' => [],
            'begun_at' => Carbon::now()->toIso8601ZuluString(),
        ];
    }

    /** What an hour is worth stays what it was the last time. */
    public static function perHour(Bench $bench): float
    {
        return self::of($bench)->latest('id')->first()->per_hour ?? self::PER_HOUR;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'found' => 'array',
            'sizes' => 'array',
            'unit' => LengthUnit::class,
            'good_price' => 'float',
            'per_hour' => 'float',
            'asked' => 'float',
        ];
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    public function kindOfTool(): ToolKind
    {
        return ToolKinds::named($this->kind);
    }

    /**
     * @return array<string, array{outcome: string|null, readings: list<string>}> what was typed in another unit has it
     * written behind
     */
    public function foundIn(LengthFormatter $format): array
    {
        return array_map(
            fn (array $one): array => [
                ...$one,
                'readings' => array_map(
                    fn (string $typed): string => $this->typedIn($format, $typed),
                    $one['readings'],
                ),
            ],
            $this->found,
        );
    }

    /** @return array<string, string> by dimension */
    public function sizesIn(LengthFormatter $format): array
    {
        $lengths = array_filter(
            $this->kindOfTool()->dimensions,
            static fn (Dimension $dimension): bool => in_array(
                $dimension->unit,
                [DimensionUnit::Length, DimensionUnit::Thickness],
                true,
            ),
        );

        return [
            ...$this->sizes,
            ...array_map(
                fn (string $typed): string => $this->typedIn($format, $typed),
                array_intersect_key($this->sizes, array_column($lengths, null, 'name')),
            ),
        ];
    }

    /** The tool as it would hang in the kit: by the sizes read, and by the readings of checks that are sizes of it. */
    public function toolForm(LengthFormatter $format): ToolForm
    {
        $sizes = [
            ...$this->toCore($format)->sizesRead(),
            ...array_filter($this->sizesIn($format), static fn (string $typed): bool => trim($typed) !== ''),
        ];
        // What was read names it better than its kind; usual sizes would claim too much.
        $isNamed = $this->name !== $this->kindOfTool()->name || $sizes === [];

        return ToolForm::of($this->kindOfTool(), $sizes, $isNamed ? $this->name : '', $format);
    }

    private function typedIn(LengthFormatter $format, string $typed): string
    {
        return $this->unit === $format->unit ? $typed : $this->unit->behind($typed);
    }

    public function toCore(LengthFormatter $format): CoreLookOver
    {
        return CoreLookOver::of(
            $this->kindOfTool(),
            $this->foundIn($format),
            $this->good_price,
            $this->per_hour,
            $this->asked,
            $format,
        );
    }
}
