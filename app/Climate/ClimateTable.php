<?php

declare(strict_types=1);

namespace App\Climate;

use App\Bench\Bench;
use App\Files\Answer\ImportQuestionAnswer;
use App\Files\ForeignTable;
use App\Http\Answer\WordAnswer;
use App\Ledger\Changes;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\Gap;
use JackRest\Core\Timber\ClimateDay;

/** The air of the shop, as a hygrometer that logs it writes it: time, temperature, humidity. */
final class ClimateTable implements ForeignTable
{
    private const COLUMNS = ['time', 'temperature', 'humidity'];

    /** A shed whose middle reading is warmer than this was read off a Fahrenheit scale, or stands in a desert. */
    private const HOT_C = 32.0;

    private const GAPS_TOLD = 5;

    private bool $isFahrenheit = false;

    private bool $isAsked = false;

    private bool $hasDate = false;

    private ?bool $isMonthFirst = null;

    /** An example of a time of which nobody can tell whether day or month comes first; empty: there is none. */
    private string $either = '';

    private int $now;

    /** @var array<int, array{float, float}> temperature and humidity by second since 1970 */
    private array $known = [];

    /** @var array<int, array{float, float}>|null */
    private ?array $inFile = null;

    public function name(): string
    {
        return 'climate';
    }

    public function columns(): array
    {
        return self::COLUMNS;
    }

    public function needed(): string
    {
        return 'humidity';
    }

    public function rows(Bench $bench): array
    {
        $log = self::logOf($bench);

        return array_map(
            static fn (array $row): array => [
                'time' => gmdate('Y-m-d\TH:i:s\Z', (int) round($row[0] * ClimateLine::SECONDS_PER_DAY)),
                'temperature' => $row[1],
                'humidity' => $row[2],
            ],
            $log->rows,
        );
    }

    public static function logOf(Bench $bench): ClimateLog
    {
        return new ClimateLog(
            array_merge(
                [],
                ...array_values(
                    ClimateStretch::of($bench)
                        ->oldest('id')
                        ->get(['id', 'readings'])
                        ->map(static fn (ClimateStretch $stretch): array => $stretch->toCore())
                        ->all(),
                ),
            ),
        );
    }

    public function heading(string $name): string
    {
        return match (true) {
            preg_match('/hum|^rh\b|r\.h\./', $name) === 1 => 'humidity',
            preg_match('/temp/', $name) === 1 => preg_match('/°\s*f\b|\(f\)|fahrenheit|_f$|\bf$/', $name) === 1
                ? 'fahrenheit'
                : 'temperature',
            preg_match('/^date$|^day$/', $name) === 1 => 'date',
            preg_match('/time|date/', $name) === 1 => 'time',
            default => $name,
        };
    }

    public function look(array $lines, string $answer): void
    {
        $this->now = Carbon::now()->getTimestamp();
        $answers = explode(',', $answer);
        $first = $lines[0] ?? [];
        $this->hasDate = isset($first['date']);
        $this->isFahrenheit = isset($first['fahrenheit']) || in_array('f', $answers, true);
        $temperatures = array_values(
            array_filter(
                array_map(static fn (array $line): ?float => ClimateLine::number($line['temperature'] ?? ''), $lines),
                is_float(...),
            ),
        );
        sort($temperatures);
        $this->isAsked =
            array_intersect(['f', 'c'], $answers) === [] &&
            $temperatures !== [] &&
            $temperatures[intdiv(count($temperatures), 2)] > self::HOT_C;
        $this->lookAtTimes(array_map($this->timeOf(...), $lines), $answers);
    }

    public function question(): ?ImportQuestionAnswer
    {
        return match (true) {
            $this->either !== '' => new ImportQuestionAnswer(
                says: "Which comes first in {$this->either}?",
                answers: [
                    new WordAnswer(value: 'dmy', label: 'The day'),
                    new WordAnswer(value: 'mdy', label: 'The month'),
                ],
            ),
            $this->isAsked => new ImportQuestionAnswer(
                says: 'Half of its temperatures are above '.
                    LengthFormatter::decimal(self::HOT_C, 0).
                    '. Are they °F?',
                answers: [
                    new WordAnswer(value: 'f', label: 'Yes, they are °F'),
                    new WordAnswer(value: 'c', label: 'No, they are °C'),
                ],
            ),
            default => null,
        };
    }

    /**
     * @param  list<string>  $times
     * @param  list<string>  $answers
     */
    private function lookAtTimes(array $times, array $answers): void
    {
        $first = ClimateLine::firstOf($times);
        $isOpen = $first === 'either' && array_intersect(['dmy', 'mdy'], $answers) === [];
        $this->either = $isOpen ? preg_replace('/[ ,].*/', '', trim($times[0] ?? '')) ?? '' : '';
        $this->isMonthFirst = match ($first) {
            null => null,
            'either' => ! in_array('dmy', $answers, true),
            default => $first === 'month',
        };
    }

    /** @param  array<string, string>  $cells */
    private function timeOf(array $cells): string
    {
        return $this->hasDate ? trim(($cells['date'] ?? '').' '.($cells['time'] ?? '')) : $cells['time'] ?? '';
    }

    public function line(Bench $bench, array $cells): ?array
    {
        if ($this->inFile === null) {
            $this->know($bench);
        }
        $cells += array_fill_keys(self::COLUMNS, '');
        $air = ClimateLine::read(
            $this->timeOf($cells),
            $cells['fahrenheit'] ?? $cells['temperature'],
            $cells['humidity'],
            $this->isFahrenheit || $this->isAsked,
            $this->now,
            $this->isMonthFirst,
        );
        $second = (int) round($air->day * ClimateLine::SECONDS_PER_DAY);
        $twin = $this->inFile[$second] ?? ($this->known[$second] ?? null);
        $same = $twin !== null && abs($twin[0] - $air->tempC) < 0.05 && abs($twin[1] - $air->rhPct) < 0.05;
        if ($twin !== null && ! $same) {
            $where = isset($this->inFile[$second])
                ? 'This time stands twice in the file'
                : 'This time is in the log already';
            throw InvalidInput::because(
                'time',
                "$where, with ".
                    LengthFormatter::decimal($twin[0], 1).
                    ' °C and '.
                    LengthFormatter::decimal($twin[1], 1).
                    ' %: that one stays.',
            );
        }
        $this->inFile[$second] = [$air->tempC, $air->rhPct];

        return $same ? null : ['air' => $air];
    }

    public function says(array $line): string
    {
        assert($line['air'] instanceof ClimateDay);

        return gmdate('Y-m-d H:i', (int) round($line['air']->day * ClimateLine::SECONDS_PER_DAY)).
            ': '.
            LengthFormatter::fixed($line['air']->tempC, 1).
            ' °C, '.
            LengthFormatter::fixed($line['air']->rhPct, 0).
            ' %';
    }

    public function notes(array $lines): array
    {
        $gaps = ClimateLog::of(self::air($lines))->rest->gaps();
        usort($gaps, static fn (Gap $one, Gap $other): int => $other->days() <=> $one->days());
        $told = array_map(self::gap(...), array_slice($gaps, 0, self::GAPS_TOLD));

        return [
            ...$this->isFahrenheit ? ['Its temperatures are °F, and kept as °C.'] : [],
            ...$told,
            ...count($gaps) > self::GAPS_TOLD ? ['And '.(count($gaps) - self::GAPS_TOLD).' shorter gaps.'] : [],
        ];
    }

    public function write(Changes $changes, array $lines): void
    {
        $air = self::air($lines);
        $from = gmdate('j F Y', (int) ($air[0]->day * ClimateLine::SECONDS_PER_DAY));
        $changes->create(ClimateStretch::of($changes->bench), ClimateStretch::columns("from $from", $air));
    }

    public static function gap(Gap $gap): string
    {
        $on = static fn (float $day): string => gmdate('j F Y', (int) ($day * ClimateLine::SECONDS_PER_DAY));

        return "Nothing is known from {$on($gap->from)} to {$on($gap->until)}, ".
            LengthFormatter::decimal($gap->days(), 0).
            ' days.';
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return list<ClimateDay>
     */
    private static function air(array $lines): array
    {
        return array_map(static function (array $line): ClimateDay {
            assert($line['air'] instanceof ClimateDay);

            return $line['air'];
        }, $lines);
    }

    private function know(Bench $bench): void
    {
        $this->inFile = [];
        foreach (ClimateStretch::of($bench)->oldest('id')->get() as $stretch) {
            foreach ($stretch->readings as $row) {
                $this->known[$row[0]] ??= [(float) $row[1], (float) $row[2]];
            }
        }
    }
}
