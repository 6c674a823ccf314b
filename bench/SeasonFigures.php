<?php

declare(strict_types=1);

namespace Bench;

use App\Print\PdfSheet;
use Instruments\Shed;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Core\Timber\Species;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Making\PlanPrint;
use JackRest\Desk\Print\Tile;
use RuntimeException;

/**
 * What is promised of the season: a year's log taken in, thirty references forecast from it; and of plans: a template
 * printed.
 */
final readonly class SeasonFigures
{
    private const LINES = 8760;

    private const REFERENCES = 30;

    private const TESTS = 12;

    public function __construct(private int $port)
    {
    }

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public function measured(): array
    {
        $lines = self::LINES.' lines of climate';
        [$token, $cookies] = $this->visit();
        $body = json_encode(['text' => self::csv(), 'name' => 'year.csv'], JSON_THROW_ON_ERROR);

        return [
            "$lines over HTTP, looked at with progress" => [$this->asks('/preview', $body, $token, $cookies), 5000.0],
            "$lines over HTTP, taken in with progress" => [$this->asks('', $body, $token, $cookies), 5000.0],
            'a plan’s template, straightedge of 2 m, as PDF' => [self::template(), 1000.0],
            self::REFERENCES.
            ' references forecast from '.
            self::LINES.
            ' lines, each with '.
            self::TESTS.
            ' tests' => [self::forecasts(), 1000.0],
        ];
    }

    /** Long before the demo's own year, so that nothing of it is there already. */
    private static function csv(): string
    {
        $from = 1_300_000_000;
        $rows = array_map(
            static fn (array $row): string => gmdate('Y-m-d H:i', $row[0]).",$row[1],$row[2]",
            Shed::log($from, $from + 3600 * (self::LINES - 1)),
        );

        return "time,temperature °C,humidity %\n".implode("\n", $rows);
    }

    /** @return array{string, string} the page's token, and its cookies */
    private function visit(): array
    {
        file_get_contents("http://127.0.0.1:{$this->port}/");
        $headers = implode("\n", $http_response_header);
        preg_match_all('/^Set-Cookie: ([^;]+)/mi', $headers, $cookies);
        preg_match('/XSRF-TOKEN=([^;\s]+)/', $headers, $token);

        return [urldecode($token[1] ?? ''), implode('; ', $cookies[1])];
    }

    private function asks(string $then, string $body, string $token, string $cookies): float
    {
        $context = stream_context_create([
            'http' => [
                'method' => 'POST',
                'header' => "Content-Type: application/json\r\nAccept: application/x-ndjson, "
                    ."application/json\r\nX-XSRF-TOKEN: $token\r\nCookie: $cookies",
                'content' => $body,
                'ignore_errors' => true,
            ],
        ]);
        $start = hrtime(true);
        $told = explode(
            "\n",
            trim((string) file_get_contents("http://127.0.0.1:{$this->port}/api/files/climate$then", false, $context)),
        );
        $ms = (hrtime(true) - $start) / 1e6;
        if (! str_contains($told[count($told) - 1], '"answer"') || count($told) < 10) {
            throw new RuntimeException('The log was not taken: '.$told[0]);
        }

        return $ms;
    }

    private static function forecasts(): float
    {
        mt_srand(20261125);
        $rows = Shed::log(1_700_000_000 - 3600 * (self::LINES - 1), 1_700_000_000);
        $today = 1_700_000_000 / 86400;
        $readings = array_map(static fn (array $row): array => [$row[0] / 86400, $row[1], $row[2]], $rows);
        $species = Species::all();
        $start = hrtime(true);
        $log = (new ClimateLog($readings))->rest;
        for ($number = 0; $number < self::REFERENCES; $number++) {
            $tests = array_map(
                static fn (int $test): Tested => new Tested(
                    $today - 28 * (self::TESTS - $test),
                    mt_rand(-10, 10) / 100,
                    0.04,
                    Verdict::Within,
                    $test % 5 === 4,
                ),
                range(0, self::TESTS - 1),
            );
            SeasonForecast::of(
                MoistureResponse::cases()[$number % 4],
                new ReferenceWood($species[$number], 80, 3, 5 + $number),
                300,
                $tests,
                0.1,
                $log->wood(5 + $number),
                $today,
            );
        }

        return (hrtime(true) - $start) / 1e6;
    }

    private static function template(): float
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $start = hrtime(true);
        $form = PlanForm::of(PlanKind::Straightedge, ['length' => '2000'], $format);
        PdfSheet::write(
            'Straightedge',
            ...array_map(
                static fn (Tile $tile) => $tile->sheet,
                (new PlanPrint('Straightedge', $form->making->views($format)))->tiles(),
            ),
        );

        return (hrtime(true) - $start) / 1e6;
    }
}
