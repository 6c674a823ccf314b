<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\InstrumentRequest;
use App\Models\User;
use DomainException;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Http;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Truing\InstrumentLine;

/** One reading from the user's instrument, at a place along the reference. */
final class ReadInstrument
{
    /** Longer than an instrument on the same machine takes. */
    private const SECONDS = 3;

    public function __invoke(InstrumentRequest $request, User $user): JsonResponse
    {
        if ($user->instrument_url === null) {
            throw InvalidInput::because('instrument', 'Say under True where your instrument answers.');
        }
        try {
            $line = Http::timeout(self::SECONDS)->get("{$user->instrument_url}/readings", ['at' => $request->atMm(), 'count' => 1, 'everyMs' => 0])->body();

            return new JsonResponse(['typed' => InstrumentLine::parse($line)->typed()]);
        } catch (ConnectionException) {
            throw InvalidInput::because('instrument', "Nothing answers at {$user->instrument_url}. A simulated one is started by ./jackrest instrument dial.");
        } catch (DomainException $wrong) {
            throw InvalidInput::because('instrument', $wrong->getMessage());
        }
    }
}
