<?php

declare(strict_types=1);

namespace App\Scraper;

use App\Bench\Bench;
use App\Http\FieldResource;
use App\Http\Shared;
use App\Kit\Tool;
use App\Saw\Filing;
use App\Saw\SawResource;
use App\Session\Sessions;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\ScraperForm;

/** Card scrapers: on their page, and while it is said how they shall be turned. */
final class ScraperResource
{
    /** @return array<string, mixed> */
    public static function page(Bench $bench, Tool $scraper): array
    {
        return [
            'id' => $scraper->id,
            'name' => $scraper->name,
            'running' => Sessions::running($bench, $scraper)?->id,
            'turnings' => array_values(
                ScrapersOfBench::turnings($bench, $scraper)
                    ->map(
                        static fn (Filing $filing): array => [
                            'id' => $filing->id,
                            'filedOn' => $filing->filed_on,
                            'says' => 'turned'.
                                ($filing->minutes === null
                                    ? ''
                                    : ', '.LengthFormatter::decimal($filing->minutes, 0).' min'),
                        ],
                    )
                    ->all(),
            ),
            'caution' => ScraperForm::CAUTION,
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(ScraperForm $sheet): array
    {
        $burr = $sheet->burr;

        return [
            'figures' => FieldResource::readings($sheet->form),
            'drawn' => $burr === null
                    ? null
                    : [
                        'burrDeg' => $burr->burrDeg,
                        'leanDeg' => $burr->leanDeg,
                        'cuttingDeg' => $burr->cuttingDeg,
                        'thicknessMm' => $sheet->thicknessMm,
                    ],
            'steps' => array_map(SawResource::step(...), $sheet->steps()),
            'lasts' => $sheet->lasts(),
            'next' => Shared::advice($sheet->next()),
            'sound' => $sheet->isSound(),
            'how' => Shared::how($sheet->how()),
        ];
    }
}
