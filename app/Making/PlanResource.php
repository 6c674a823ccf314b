<?php

declare(strict_types=1);

namespace App\Making;

use App\Bench\Bench;
use App\Blank\Blank;
use App\Http\FieldResource;
use App\Http\Money;
use App\Http\OutlineResource;
use App\Http\Shared;
use App\Kit\KitOfBench;
use Illuminate\Support\Carbon;
use JackRest\Core\Kit\KitPlanner;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\TaskCoverage;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Field;
use JackRest\Desk\Making\Assigned;
use JackRest\Desk\Making\Cautions;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\PlanField;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Making\PlanPrint;
use JackRest\Desk\Making\View;
use JackRest\Desk\Print\Tile;

/** Plans: the list of them, and one with its sizes chosen. */
final class PlanResource
{
    /** @return array<string, mixed> */
    public static function all(Bench $bench, LengthFormatter $format): array
    {
        $now = Carbon::now()->toIso8601ZuluString();

        return [
            'plans' => array_map(static function (PlanKind $plan) use ($format): array {
                $sheet = PlanForm::of($plan, [], $format);

                return [
                    'value' => $plan->value,
                    'label' => $plan->label(),
                    'says' => $plan->says(),
                    'minutes' => $sheet->minutes($format),
                    'days' => $sheet->days($format),
                ];
            }, PlanKind::cases()),
            'makings' => array_values(
                $bench
                    ->makings()
                    ->latest('id')
                    ->get()
                    ->map(
                        static fn (Making $making): array => [
                            'id' => $making->id,
                            'name' => $making->name,
                            'says' => MakingResource::standing($making, $now),
                            'isWaiting' => $making->isWaiting($now),
                            'isMade' => $making->state === 'made',
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(
        PlanForm $sheet,
        CuttingOfBench $cutting,
        KitOfBench $kit,
        LengthFormatter $format,
    ): array {
        $views = $sheet->making->views($format);
        $needs = self::needs($sheet, $kit);

        return [
            'plan' => $sheet->kind->value,
            'label' => $sheet->kind->label(),
            'says' => $sheet->kind->says(),
            'fields' => array_map(
                static fn (PlanField $size): array => self::field(
                    $size->field,
                    $sheet->usual[$size->field->name],
                    $format,
                ),
                $sheet->kind->fields(),
            ),
            'figures' => FieldResource::readings($sheet->form),
            'views' => array_map(self::view(...), $views),
            'parts' => array_map(static fn (Assigned $row): array => self::part($row, $format), $cutting->list->rows),
            'blanks' => array_values(
                $cutting->blanks
                    ->map(static fn (Blank $blank): array => ['value' => (string) $blank->id, 'label' => $blank->name])
                    ->all(),
            ),
            'steps' => array_map(self::step(...), $sheet->making->steps($format)),
            'minutes' => $sheet->minutes($format),
            'days' => $sheet->days($format),
            'needs' => $needs,
            'lines' => $sheet->making->lines($format),
            'caution' => Cautions::TEXT,
            'how' => Shared::how($sheet->making->how($format)),
            'next' => self::next($sheet, $cutting, $needs),
            'sound' => $sheet->isSound(),
            'sheets' => array_map(static fn (Tile $tile): string => $tile->name, (new PlanPrint('', $views))->tiles()),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(Field $field, float $usual, LengthFormatter $format): array
    {
        $bare = $field->quantity->isLength()
            ? (string) preg_replace('/ (mm|in)$/', '', $format->dimension($usual))
            : LengthFormatter::decimal($usual, 2);

        return FieldResource::of($field, $format, $bare);
    }

    /** @return array<string, mixed> */
    public static function step(MakingStep $step): array
    {
        return [
            'title' => $step->title,
            'says' => $step->says,
            'check' => $step->check,
            'minutes' => (int) round($step->minutes),
            'tools' => $step->tools,
            'wait' => self::wait($step->waitDays, $step->waitsFor),
        ];
    }

    private static function wait(float $days, string $for): ?string
    {
        return match (true) {
            $days <= 0.0 => null,
            $days <= 1.0 => "then a day: $for",
            default => 'then '.(int) ceil($days)." days: $for",
        };
    }

    /** @return array<string, mixed> */
    private static function view(View $view): array
    {
        return [
            'name' => $view->name,
            'widthMm' => $view->width,
            'heightMm' => $view->height,
            'seen' => array_map(OutlineResource::path(...), $view->seen),
            'hidden' => array_map(OutlineResource::path(...), $view->hidden),
            'dims' => array_map(
                static fn (Dim $dim): array => [
                    'fromX' => $dim->fromX,
                    'fromY' => $dim->fromY,
                    'toX' => $dim->toX,
                    'toY' => $dim->toY,
                    'says' => $dim->says,
                    'side' => $dim->side,
                ],
                $view->dims,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function part(Assigned $row, LengthFormatter $format): array
    {
        $by = static fn (float ...$mm): string => implode(' × ', array_map($format->dimension(...), $mm));
        $wanted = $row->part->wanted;
        $from = $row->from;

        return [
            'key' => $row->part->key,
            'name' => $row->part->name,
            'count' => $row->part->count,
            'wood' => $row->part->wood,
            'size' => $by($wanted->lengthMm, $wanted->widthMm, $wanted->thicknessMm),
            'rough' => $by($wanted->roughLengthMm(), $wanted->roughWidthMm(), $wanted->roughThicknessMm()),
            'from' => $from === null
                    ? null
                    : [
                        'id' => (int) $from->blank->id,
                        'name' => $from->blank->name,
                        'says' => $from->reasons[0]->says,
                        'fitness' => $from->fitness->value,
                    ],
            'wrong' => $row->wrong,
            'isChosen' => $row->isChosen,
        ];
    }

    /**
     * @return array{says: string, missing: list<array{operation: string, says: string}>,
     *     ladder: list<array{name: string, price: string, made: bool}>, cost: string}
     */
    private static function needs(PlanForm $sheet, KitOfBench $kit): array
    {
        $tasks = $sheet->making->tasks();
        $lacking = array_values(
            array_filter(
                array_map($kit->coverage()->of(...), $tasks),
                static fn (TaskCoverage $row): bool => ! $row->isEnough(),
            ),
        );
        if ($lacking === []) {
            return ['says' => 'Your kit has all that it needs.', 'missing' => [], 'ladder' => [], 'cost' => ''];
        }
        $planner = new KitPlanner(
            [new PlannedWork('plan', $sheet->kind->label(), $tasks)],
            $kit->owned(),
            [],
            $kit->school,
        );
        $offers = (new Ladder($planner))->inOrder();
        $count = count($lacking);

        return [
            'says' => $count === 1
                    ? 'One thing cannot be done with your kit.'
                    : "$count things cannot be done with your kit.",
            'missing' => array_map(
                static fn (TaskCoverage $row): array => [
                    'operation' => $row->task->operation->name,
                    'says' => $row->task->operation->says,
                ],
                $lacking,
            ),
            'ladder' => array_map(
                static fn (Offer $offer): array => [
                    'name' => $offer->name,
                    'price' => Money::plain($offer->price),
                    'made' => $offer->making !== null,
                ],
                $offers,
            ),
            'cost' => Money::plain($planner->propose()->cost),
        ];
    }

    /**
     * @param  array{
     *     says: string, missing: list<array{operation: string, says: string}>,
     *     ladder: list<array{name: string, price: string, made: bool}>, cost: string,
     * }  $needs
     * @return array{says: string, why: string}
     */
    private static function next(PlanForm $sheet, CuttingOfBench $cutting, array $needs): array
    {
        $open = array_values(
            array_filter(
                $cutting->list->rows,
                static fn (Assigned $row): bool => $row->from === null || $row->wrong !== null,
            ),
        );

        return match (true) {
            ! $sheet->isSound() => [
                'says' => 'Mend the size that is marked.',
                'why' => 'The drawing shows it in its usual proportion meanwhile.',
            ],
            $open !== [] && $open[0]->wrong !== null => [
                'says' => "Choose another blank for the {$open[0]->part->name}.",
                'why' => $open[0]->wrong,
            ],
            $open !== [] => [
                'says' => "Find a blank for the {$open[0]->part->name}.",
                'why' => 'None on your shelf will do; you can begin all the same, with wood from elsewhere.',
            ],
            $needs['missing'] !== [] => [
                'says' => $needs['ladder'] === [] ? $needs['says'] : 'Get '.self::first($needs['ladder']).' first.',
                'why' => $needs['says'].' You can begin all the same, and borrow.',
            ],
            default => ['says' => 'Begin: saw out and plane.', 'why' => 'Wood and tools are there.'],
        };
    }

    /** @param  non-empty-list<array{name: string, price: string, made: bool}>  $ladder */
    private static function first(array $ladder): string
    {
        return 'the '.$ladder[0]['name'];
    }
}
