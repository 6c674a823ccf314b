<?php

declare(strict_types=1);

namespace App\Scraper;

use App\Bench\Bench;
use App\Kit\Tool;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Card scrapers and the turning of their burrs. */
final class ScraperController
{
    public function index(Bench $bench): JsonResponse
    {
        return new JsonResponse([
            'scrapers' => array_values(
                ScrapersOfBench::of($bench)
                    ->map(static fn (Tool $scraper): array => ['id' => $scraper->id, 'name' => $scraper->name])
                    ->all(),
            ),
        ]);
    }

    public function show(Bench $bench, Tool $scraper): JsonResponse
    {
        return new JsonResponse(ScraperResource::page($bench, $scraper));
    }

    /** How a burr is turned and the scraper held; writes nothing. */
    public function preview(ScraperRequest $request, Bench $bench, Tool $scraper, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ScraperResource::preview($request->sheet($bench, $scraper, $format)));
    }

    /** Takes a scraper to the bench, pass by pass. */
    public function turn(ScraperRequest $request, Ledger $ledger, Tool $scraper, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($ledger->bench, $scraper, $format);
        $sheet->form->soundOrRefuse('figures');
        if ($sheet->steps() === []) {
            throw InvalidInput::because('figures.tilt', $sheet->next()->says);
        }
        $session = null;
        $ledger->save(static function (Changes $changes) use ($scraper, $sheet, &$session): void {
            $steps = array_map(SessionStep::ofFiling(...), $sheet->steps());
            $session = Sessions::begin($changes, SessionKind::Turning, $scraper, $scraper->name, $steps, [
                'state' => ScrapersOfBench::TURNED,
            ]);
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
