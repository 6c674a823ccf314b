<?php

declare(strict_types=1);

namespace App\Edge;

use App\Ledger\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use JackRest\Core\EdgeHistory\EdgeEntry as CoreEvent;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\TestFound;
use JackRest\Core\Timber\Hardness;

/**
 * @phpstan-type Row \stdClass&object{edge_id: int|string, kind: string, happened_at: string, wood: string|null,
 *     minutes: int|float|string|null, strokes: int|string|null, found: string|null, deg: int|float|string|null,
 *     give_deg: int|float|string|null, recession_mm: int|float|string|null, stone: string|null, note: string}
 *
 * One entry of an edge’s own diary.
 *
 * @property int $edge_id
 * @property EdgeEntryKind $kind
 * @property string $happened_at
 * @property float|null $minutes
 * @property Hardness|null $wood
 * @property int|null $strokes
 * @property TestFound|null $found
 * @property float|null $deg
 * @property float|null $give_deg
 * @property float|null $recession_mm
 * @property string|null $stone
 * @property string $note
 * @property Edge $edge
 */
final class EdgeEvent extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => EdgeEntryKind::class,
            'wood' => Hardness::class,
            'found' => TestFound::class,
            'minutes' => 'float',
            'strokes' => 'integer',
            'deg' => 'float',
            'give_deg' => 'float',
            'recession_mm' => 'float',
        ];
    }

    /** @return BelongsTo<Edge, $this> */
    public function edge(): BelongsTo
    {
        return $this->belongsTo(Edge::class);
    }

    public function toCore(): CoreEvent
    {
        return new CoreEvent(
            $this->kind,
            $this->happened_at,
            $this->minutes,
            $this->wood,
            $this->strokes,
            $this->found,
            $this->deg,
            $this->give_deg,
            $this->recession_mm,
            $this->stone,
            $this->note,
        );
    }

    /**
     * Events as plain values, oldest first, by edge. Thousands are read for one page: no models are built for them.
     *
     * @param  HasMany<self, *>  $events
     * @return array<int, list<CoreEvent>>
     */
    public static function stories(HasMany $events): array
    {
        $stories = [];
        foreach ($events->oldest('happened_at')->oldest('id')->toBase()->get() as $row) {
            /** @var Row $row */
            $stories[(int) $row->edge_id][] = new CoreEvent(
                EdgeEntryKind::from($row->kind),
                $row->happened_at,
                self::number($row->minutes),
                $row->wood === null ? null : Hardness::from($row->wood),
                $row->strokes === null ? null : (int) $row->strokes,
                $row->found === null ? null : TestFound::from($row->found),
                self::number($row->deg),
                self::number($row->give_deg),
                self::number($row->recession_mm),
                $row->stone,
                $row->note,
            );
        }

        return $stories;
    }

    private static function number(int|float|string|null $stored): ?float
    {
        return $stored === null ? null : (float) $stored;
    }

    /** @return array<string, mixed> */
    public static function columns(CoreEvent $event): array
    {
        return [
            'kind' => $event->kind,
            'happened_at' => $event->at,
            'minutes' => $event->minutes,
            'wood' => $event->wood,
            'strokes' => $event->strokes,
            'found' => $event->found,
            'deg' => $event->deg,
            'give_deg' => $event->giveDeg,
            'recession_mm' => $event->recessionMm,
            'stone' => $event->stone,
            'note' => $event->note,
        ];
    }
}
