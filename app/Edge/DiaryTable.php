<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Files\Table;
use App\Ledger\Changes;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\EdgeHistory\EdgeEntry as CoreEvent;
use JackRest\Desk\EdgeHistory\EdgeEntryForm;
use JackRest\Desk\EdgeHistory\EdgeEntryWords;

/** The edges' own diaries. What is taken in tells of the past: it changes no edge as it stands now. */
final class DiaryTable implements Table
{
    private const COLUMNS = [
        'day', 'edge', 'what', 'minutes', 'wood', 'strokes', 'found', 'stone', 'angle', 'note', 'number',
    ];

    /** @var array<string, array<int, Edge>>|null by name in small letters and number */
    private ?array $edges = null;

    /** @var array<string, true>|null */
    private ?array $known = null;

    public function name(): string
    {
        return 'diary';
    }

    public function columns(): array
    {
        return self::COLUMNS;
    }

    public function needed(): string
    {
        return 'edge';
    }

    public function rows(Bench $bench): array
    {
        $names = [];
        foreach (Edge::of($bench)->get(['id', 'name']) as $edge) {
            $names[$edge->id] = $edge->name;
        }

        return array_values(
            EdgeEvent::of($bench)
                ->oldest('happened_at')
                ->oldest('id')
                ->get()
                ->filter(static fn (EdgeEvent $event): bool => isset($names[$event->edge_id]))
                ->map(
                    static fn (EdgeEvent $event): array => [
                        'day' => substr($event->happened_at, 11) === '12:00:00Z'
                                ? substr($event->happened_at, 0, 10)
                                : $event->happened_at,
                        'edge' => $names[$event->edge_id] ?? '',
                        'what' => $event->kind->label(),
                        'minutes' => $event->minutes,
                        'wood' => $event->wood?->value,
                        'strokes' => $event->strokes,
                        'found' => $event->found?->label(),
                        'stone' => $event->stone,
                        'angle' => $event->deg === null ? null : round($event->deg, 3),
                        'note' => $event->note,
                        'number' => $event->edge_id,
                    ],
                )
                ->all(),
        );
    }

    public function line(Bench $bench, array $cells): ?array
    {
        $cells += array_fill_keys(self::COLUMNS, '');
        $edge = $this->edge($bench, $cells['edge'], $cells['number']);
        if ($cells['day'] === '') {
            throw InvalidInput::because('day', 'The day is missing.');
        }
        $event = EdgeEntryForm::read(
            ['kind' => $cells['what'], 'deg' => $cells['angle'], ...$cells],
            Carbon::now()->toIso8601ZuluString(),
        );
        $this->known ??= array_fill_keys(
            EdgeEvent::of($bench)
                ->get()
                ->map(static fn (EdgeEvent $event): string => self::mark($event->edge_id, $event->toCore()))
                ->all(),
            true,
        );
        $mark = self::mark($edge->id, $event);
        if (isset($this->known[$mark])) {
            return null;
        }
        $this->known[$mark] = true;

        return ['edge' => $edge, 'event' => $event];
    }

    public function says(array $line): string
    {
        assert($line['edge'] instanceof Edge && $line['event'] instanceof CoreEvent);

        return substr($line['event']->at, 0, 10).
            ': '.
            EdgeEntryWords::sentence($line['event'], "the {$line['edge']->name}");
    }

    public function write(Changes $changes, array $lines): void
    {
        foreach ($lines as $line) {
            assert($line['edge'] instanceof Edge && $line['event'] instanceof CoreEvent);
            ['edge' => $edge, 'event' => $event] = $line;
            $made = $changes->create($edge->events(), [
                'bench_id' => $changes->bench->id,
                ...EdgeEvent::columns($event),
                'recession_mm' => EdgeAfterEvent::recessionMm($event),
            ]);
            $sentence = EdgeEntryWords::sentence($event, "the {$edge->name}");
            $changes->part($made, EdgeEntries::KIND.$event->kind->value, $edge, $sentence, $event->at);
        }
    }

    /**
     * Of several with one name the number says which: it is that of the bench the file came from.
     *
     * @throws InvalidInput when there is none, or it cannot be told which
     */
    private function edge(Bench $bench, string $name, string $number): Edge
    {
        if ($this->edges === null) {
            $this->edges = [];
            foreach (Edge::of($bench)->get() as $edge) {
                $this->edges[mb_strtolower($edge->name)][$edge->id] = $edge;
            }
        }
        $named = $this->edges[mb_strtolower($name)] ?? [];
        $edge = ctype_digit($number) ? $named[(int) $number] ?? null : null;

        return match (true) {
            $named === [] => throw InvalidInput::because('edge', "There is no edge called “{$name}” here."),
            $edge !== null => $edge,
            count($named) === 1 => $named[array_key_first($named)],
            default => throw InvalidInput::because(
                'number',
                "There are several edges called “{$name}”: the column “number” says which, "
                    .implode(' or ', array_keys($named)).'.',
            ),
        };
    }

    /** By what two entries are the same. */
    private static function mark(int $edge, CoreEvent $event): string
    {
        return implode('|', [
            $edge,
            $event->kind->value,
            substr($event->at, 0, 19),
            $event->minutes,
            $event->strokes,
            $event->found?->value,
            $event->deg === null ? '' : round($event->deg, 2),
            $event->note,
        ]);
    }
}
