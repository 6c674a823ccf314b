<?php

declare(strict_types=1);

namespace App\Making;

use App\Bench\Bench;
use App\Http\Answer\NextAnswer;
use App\Http\Money;
use App\Making\Answer\PlanGetAnswer;
use App\Making\Answer\PlanLackAnswer;
use App\Making\Answer\PlanNeedsAnswer;
use App\School\KitSettings;
use App\Work\KitTools;
use JackRest\Core\Kit\Coverage;
use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\TaskCoverage;
use JackRest\Core\Kit\ToolsAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Making\PlanForm;

/** What a plan asks of a bench’s shelf and kit, and the cheapest way up to it: asked when a size stands still. */
final class PlanNeeds
{
    /** How well a plan's operations have to be done, 1 to 5: what is made by it is a tool. */
    private const LEAST = 5;

    public static function of(
        PlanForm $form,
        CuttingOfBench $cutting,
        Bench $bench,
        LengthFormatter $format,
    ): PlanNeedsAnswer {
        $tools = KitTools::of($bench);
        $school = KitSettings::now($bench)->school();
        $tasks = $form->making->tasks();
        $coverage = new Coverage(new ToolsAtHand($tools->atHand), $school);
        $lacking = array_values(
            array_filter(
                array_map($coverage->of(...), $tasks),
                static fn (TaskCoverage $row): bool => ! $row->isEnough(),
            ),
        );
        $ladder = $lacking === [] ? null : new Ladder(
            [new PlannedWork('plan', $form->kind->label(), $tasks)],
            $tools->owned,
            [],
            $school,
            least: self::LEAST,
        );
        $offers = $ladder?->inOrder() ?? [];
        $says = self::says(count($lacking));

        return new PlanNeedsAnswer(
            wood: PlanWood::rows($cutting, $format),
            blanks: PlanWood::shelf($cutting),
            says: $says,
            missing: array_map(
                static fn (TaskCoverage $row): PlanLackAnswer => new PlanLackAnswer(
                    operation: $row->task->operation->name,
                    says: $row->task->operation->says,
                ),
                $lacking,
            ),
            ladder: array_map(
                static fn (Offer $offer): PlanGetAnswer => new PlanGetAnswer(
                    name: $offer->name,
                    price: Money::plain($offer->price),
                    made: $offer->making !== null,
                ),
                $offers,
            ),
            cost: $ladder === null ? '' : Money::plain($ladder->total()),
            // Wood first, then tools.
            next: PlanWood::next($cutting) ?? ($lacking === []
                ? new NextAnswer(says: 'Begin: saw out and plane.', why: 'Wood for all of it is on your shelf.')
                : self::get($offers[0] ?? null, $says)),
        );
    }

    private static function says(int $lacking): string
    {
        return match ($lacking) {
            0 => 'Your kit has all that it needs.',
            1 => 'One thing cannot be done with your kit.',
            default => "$lacking things cannot be done with your kit.",
        };
    }

    private static function get(?Offer $first, string $says): NextAnswer
    {
        return new NextAnswer(
            says: $first === null ? $says : "Get the {$first->name} first.",
            why: "$says You can begin all the same, and borrow.",
        );
    }
}
