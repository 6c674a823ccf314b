<?php

declare(strict_types=1);

namespace App\Making;

use App\Blank\Blank;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use App\Making\Answer\PartFromAnswer;
use App\Making\Answer\PartWoodAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Judged;
use JackRest\Desk\Making\Assigned;
use JackRest\Desk\Shelf\JudgedWords;

/** Which blanks on the shelf a plan's parts are cut from. */
final class PlanWood
{
    /** @return list<PartWoodAnswer> in the order of the parts */
    public static function rows(CuttingOfBench $cutting, LengthFormatter $format): array
    {
        return array_map(
            static fn (Assigned $row): PartWoodAnswer => new PartWoodAnswer(
                key: $row->part->key,
                from: $row->from === null ? null : self::from($row->from, $format),
                wrong: $row->wrong,
                isChosen: $row->isChosen,
            ),
            $cutting->list->rows,
        );
    }

    /** @return list<WordAnswer> */
    public static function shelf(CuttingOfBench $cutting): array
    {
        return array_values(
            $cutting->blanks
                ->map(
                    static fn (Blank $blank): WordAnswer => new WordAnswer(
                        value: (string) $blank->id,
                        label: $blank->name,
                    ),
                )
                ->all(),
        );
    }

    /** What is to be found first; null: there is wood for every part. */
    public static function next(CuttingOfBench $cutting): ?NextAnswer
    {
        foreach ($cutting->list->rows as $row) {
            if ($row->wrong !== null) {
                return new NextAnswer(says: "Choose another blank for the {$row->part->name}.", why: $row->wrong);
            }
            if ($row->from === null) {
                return new NextAnswer(
                    says: "Find a blank for the {$row->part->name}.",
                    why: 'None on your shelf will do; you can begin all the same, with wood from elsewhere.',
                );
            }
        }

        return null;
    }

    private static function from(Judged $judged, LengthFormatter $format): PartFromAnswer
    {
        return new PartFromAnswer(
            id: (int) $judged->blank->id,
            name: $judged->blank->name,
            says: (new JudgedWords($judged, $format))->first(),
            fitness: $judged->fitness,
        );
    }
}
