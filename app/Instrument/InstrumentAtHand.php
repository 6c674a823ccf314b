<?php

declare(strict_types=1);

namespace App\Instrument;

use App\Bench\User;
use App\Http\InTerminal;
use DomainException;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Truing\InstrumentLine;

/** The user's instrument, which answers at an address on this machine. */
final readonly class InstrumentAtHand
{
    /** Longer than an instrument on the same machine takes. */
    private const SECONDS = 3;

    private function __construct(private string $url)
    {
    }

    /** @throws InvalidInput where none is listened to */
    public static function of(User $user): self
    {
        return new self(
            $user->instrument_url ??
                throw InvalidInput::because('instrument', 'Say under True where your instrument answers.'),
        );
    }

    /**
     * @param  array<string, string|float>  $asked
     * @param  callable(InstrumentLine): string  $typed  the reading as it is typed; may refuse it with a
     *     DomainException
     *
     * @throws InvalidInput when nothing answers, or something else does
     */
    public function reads(array $asked, callable $typed): string
    {
        try {
            return $typed(
                InstrumentLine::parse(
                    Http::timeout(self::SECONDS)
                        ->withoutRedirecting()
                        ->get("{$this->url}/readings", [...$asked, 'count' => 1, 'everyMs' => 0])
                        ->body(),
                ),
            );
        } catch (ConnectionException) {
            throw InvalidInput::because(
                'instrument',
                "Nothing answers at {$this->url}. This starts a simulated one: ".InTerminal::command('instrument dial'),
            );
        } catch (DomainException $wrong) {
            throw InvalidInput::because('instrument', $wrong->getMessage());
        }
    }
}
