<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ScrapersOfBench;
use App\Http\Requests\ScraperRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Takes a scraper to the bench, pass by pass. */
final class TurnScraper
{
    public function __invoke(ScraperRequest $request, Ledger $ledger, Tool $scraper, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($ledger->bench, $scraper, $format);
        $sheet->form->soundOrRefuse('figures');
        if ($sheet->steps() === []) {
            throw InvalidInput::because('figures.tilt', $sheet->next()->says);
        }
        $session = null;
        $ledger->save(static function (Changes $changes) use ($scraper, $sheet, &$session): void {
            $steps = array_map(SessionStep::ofFiling(...), $sheet->steps());
            $session = Sessions::begin($changes, SessionKind::Turning, $scraper, $scraper->name, $steps, ['state' => ScrapersOfBench::TURNED]);
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
