<?php

declare(strict_types=1);

namespace App\Scraper;

use App\Bench\Bench;
use App\Http\Answer\NamedAnswer;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Scraper\Answer\ScraperPageAnswer;
use App\Scraper\Answer\ScraperPreviewAnswer;
use App\Scraper\Answer\ScrapersAnswer;
use App\Session\Answer\SessionAnswer;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use App\Tool\Tool;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Card scrapers and the turning of their burrs. */
final class ScraperController
{
    public function index(Bench $bench): ScrapersAnswer
    {
        return new ScrapersAnswer(
            scrapers: array_values(
                ScrapersOfBench::of($bench)
                    ->map(
                        static fn (Tool $scraper): NamedAnswer => new NamedAnswer(
                            id: $scraper->id,
                            name: $scraper->name,
                        ),
                    )
                    ->all(),
            ),
        );
    }

    public function show(Bench $bench, Tool $scraper): ScraperPageAnswer
    {
        return ScraperResource::page($bench, $scraper);
    }

    /** How a burr is turned and the scraper held; writes nothing. */
    public function preview(
        ScraperRequest $request,
        Bench $bench,
        Tool $scraper,
        LengthFormatter $format,
    ): ScraperPreviewAnswer {
        return ScraperResource::preview($request->form($bench, $scraper, $format));
    }

    /**
     * Takes a scraper to the bench, pass by pass.
     *
     * @return Created<SessionAnswer>
     */
    public function turn(ScraperRequest $request, Ledger $ledger, Tool $scraper, LengthFormatter $format): Created
    {
        $form = $request->form($ledger->bench, $scraper, $format);
        $form->form->soundOrRefuse('figures');
        if ($form->steps() === []) {
            throw InvalidInput::because('figures.tilt', $form->next()->says);
        }
        $session = null;
        $ledger->save(static function (Changes $changes) use ($scraper, $form, &$session): void {
            $steps = array_map(SessionStep::ofFiling(...), $form->steps());
            $session = Sessions::begin($changes, SessionKind::Turning, $scraper, $scraper->name, $steps, [
                'state' => ScrapersOfBench::TURNED,
            ]);
        });
        assert($session instanceof BenchSession);

        return new Created(SessionResource::of($session));
    }
}
