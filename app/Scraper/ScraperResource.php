<?php

declare(strict_types=1);

namespace App\Scraper;

use App\Bench\Bench;
use App\Http\Answer\NextAnswer;
use App\Saw\Answer\FilingAnswer;
use App\Saw\Filing;
use App\Saw\SawResource;
use App\Scraper\Answer\DrawnBurrAnswer;
use App\Scraper\Answer\ScraperPageAnswer;
use App\Scraper\Answer\ScraperPreviewAnswer;
use App\Session\Sessions;
use App\Tool\Tool;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\ScraperForm;

/** Card scrapers: on their page, and while it is said how they shall be turned. */
final class ScraperResource
{
    public static function page(Bench $bench, Tool $scraper): ScraperPageAnswer
    {
        return new ScraperPageAnswer(
            id: $scraper->id,
            name: $scraper->name,
            running: Sessions::running($bench, $scraper)?->id,
            turnings: array_values(
                ScrapersOfBench::turnings($bench, $scraper)
                    ->map(
                        static fn (Filing $filing): FilingAnswer => new FilingAnswer(
                            id: $filing->id,
                            filedOn: $filing->filed_on,
                            says: 'turned'.
                                ($filing->minutes === null
                                    ? ''
                                    : ', '.LengthFormatter::decimal($filing->minutes, 0).' min'),
                        ),
                    )
                    ->all(),
            ),
            caution: ScraperForm::CAUTION,
        );
    }

    public static function preview(ScraperForm $form): ScraperPreviewAnswer
    {
        $burr = $form->burr;

        return new ScraperPreviewAnswer(
            figures: $form->form->readings,
            drawn: $burr === null
                ? null
                : new DrawnBurrAnswer(
                    burrDeg: $burr->burrDeg,
                    leanDeg: $burr->leanDeg,
                    cuttingDeg: $burr->cuttingDeg,
                    thicknessMm: $form->thicknessMm,
                ),
            steps: array_map(SawResource::step(...), $form->steps()),
            lasts: $form->lasts(),
            next: NextAnswer::of($form->next()),
            sound: $form->isSound(),
            how: $form->how(),
        );
    }
}
