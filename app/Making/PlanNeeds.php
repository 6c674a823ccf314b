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
use JackRest\Desk\Making\PlanForm;

/** What a bench's kit lacks for a plan, and the cheapest way up to it: asked beside the drawing, which is faster. */
final class PlanNeeds
{
    /** How well a plan's operations have to be done, 1 to 5: what is made by it is a tool. */
    private const LEAST = 5;

    public static function of(PlanForm $form, Bench $bench): PlanNeedsAnswer
    {
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
        if ($lacking === []) {
            return new PlanNeedsAnswer(
                says: 'Your kit has all that it needs.',
                missing: [],
                ladder: [],
                cost: '',
                next: null,
            );
        }
        $works = [new PlannedWork('plan', $form->kind->label(), $tasks)];
        $ladder = new Ladder($works, $tools->owned, [], $school, least: self::LEAST);
        $says = count($lacking) === 1
            ? 'One thing cannot be done with your kit.'
            : count($lacking).' things cannot be done with your kit.';

        return new PlanNeedsAnswer(
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
                $ladder->inOrder(),
            ),
            cost: Money::plain($ladder->total()),
            next: self::next($ladder->inOrder()[0] ?? null, $says),
        );
    }

    private static function next(?Offer $first, string $says): NextAnswer
    {
        return new NextAnswer(
            says: $first === null ? $says : "Get the {$first->name} first.",
            why: "$says You can begin all the same, and borrow.",
        );
    }
}
