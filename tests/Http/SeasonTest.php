<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Climate\ClimateStretch;
use App\Session\Progress;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;

/** The air of the shop comes in, and what it does to the references goes out. */
final class SeasonTest extends HttpTestCase
{
    /** @return list<array<string, mixed>> */
    private function forecasts(): array
    {
        return $this->ask('GET', '/api/season')->assertOk()->json('forecasts');
    }

    /** @return array<string, mixed> */
    private function forecastOf(string $name): array
    {
        return array_column($this->forecasts(), null, 'name')[$name];
    }

    /** Days before today, at an hour. */
    private static function at(int $days, int $hour): string
    {
        return gmdate('Y-m-d', time() - 86400 * $days).sprintf(' %02d:00', $hour);
    }

    public function test_the_shed_s_year_stands_there_day_by_day(): void
    {
        $season = $this->ask('GET', '/api/season?thickness=9+mm')
            ->assertOk()
            ->assertJsonPath('thickness.understood', '9 mm · 23/64 in')
            ->assertJsonPath('gaps', [])
            ->json();
        self::assertSame(8761, $season['count']);
        self::assertCount(366, $season['days']);
        self::assertStringContainsString('Wood 9 mm thick is at ', $season['lines'][0]);
        self::assertGreaterThan(
            max(0, ...array_column(array_slice($season['days'], 180, 60), 'woodPct')),
            $season['days'][360]['woodPct'],
            'damper in November than in summer',
        );
    }

    public function test_silence_is_the_rule_and_a_claim_says_from_which_reading(): void
    {
        $season = $this->ask('GET', '/api/season')->json();
        self::assertSame('The season has moved nothing past your tolerance.', $season['next']['says']);
        self::assertStringStartsWith('Before 6 tests it said “moved” ', $season['score']);
        self::assertSame(
            'It fell since its last test: no season tells what that did.',
            $this->forecastOf('200 mm try square')['says'],
        );
        // The same square, with a tolerance that its last test already fills.
        self::reference('200 mm try square')->update(['sizes->tolerance' => 0.03, 'dropped_on' => null]);
        $square = $this->forecastOf('200 mm try square');
        self::assertTrue($square['isClaim']);
        self::assertStringStartsWith('Probably 0.', $square['says']);
        self::assertStringContainsString(' past your 0.03 mm.', $square['says']);
        self::assertStringContainsString('0.02 mm out: its wood has taken up ', $square['why']);
        self::assertSame(
            'Test the 200 mm try square: the season has probably moved it.',
            $this->ask('GET', '/api/season')->json('next.says'),
        );
        self::assertSame('200 mm try square', $this->forecasts()[0]['name']);
        // Not due by its own history, it is asked for on Bench and among the references all the same.
        self::reference('1:7 dovetail template')->update(['sizes->tolerance' => 0.03]);
        self::assertStringStartsWith(
            'The season has probably moved it. Probably 0.',
            array_column($this->ask('GET', '/api/references')->json('references'), 'due', 'name')[
                '1:7 dovetail template'
            ],
        );
        self::assertContains('Test the 1:7 dovetail template.', $this->ask('GET', '/api/bench')->json('chores.*.says'));
    }

    public function test_what_cannot_be_reckoned_says_why(): void
    {
        self::assertSame('Of metal: it does not follow the damp.', $this->forecastOf('100 mm try square')['says']);
        self::reference('900 mm straightedge')->update(['wood' => null]);
        self::assertSame(
            'Say which wood it is, and this is worked out.',
            $this->forecastOf('900 mm straightedge')['says'],
        );
        $stretch = ClimateStretch::of(self::bench())->firstOrFail();
        $this->ask('DELETE', "/api/season/stretches/{$stretch->id}", ['version' => 1])->assertOk();
        self::assertSame('There is no log of your air yet.', $this->forecastOf('200 mm try square')['says']);
        $this->ask('GET', '/api/season')
            ->assertJsonPath('count', 0)
            ->assertJsonPath('days', [])
            ->assertJsonPath('next.says', 'Import a log of your shop’s air, or write down what a hygrometer shows.');
    }

    public function test_the_wood_of_a_reference_is_told_and_a_stale_window_refused(): void
    {
        $figures = ['ring' => '70', 'runout' => '', 'thickness' => '10 mm'];
        $this->ask('PUT', self::referencePath('900 mm straightedge').'/wood', [
            'species' => 'sugar maple',
            'figures' => $figures,
            'version' => 1,
        ])->assertOk();
        self::assertSame(
            ['species' => 'sugar maple', 'ring' => '70', 'runout' => '2', 'thickness' => '10'],
            $this->forecastOf('900 mm straightedge')['wood'],
        );
        $this->ask('PUT', self::referencePath('900 mm straightedge').'/wood', [
            'species' => 'teak',
            'figures' => $figures,
            'version' => 1,
        ])->assertStatus(409);
        $this->ask('PUT', self::referencePath('900 mm straightedge').'/wood', [
            'species' => 'balsa',
            'figures' => $figures,
            'version' => 2,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'species');
        $this->ask('PUT', self::referencePath('900 mm straightedge').'/wood', [
            'species' => 'teak',
            'figures' => [...$figures, 'ring' => '95'],
            'version' => 2,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0', [
                'field' => 'figures.ring',
                'message' => 'Rings lie between 0° (flatsawn) and 90° (quartersawn).',
            ]);
        $this->ask('PUT', self::referencePath('900 mm straightedge').'/wood', [
            'species' => 'teak',
            'figures' => [...$figures, 'thickness' => ''],
            'version' => 2,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.thickness');
        $this->ask('PUT', '/api/references/99/wood', [
            'species' => 'teak',
            'figures' => $figures,
            'version' => 1,
        ])->assertNotFound();
    }

    public function test_one_reading_by_hand(): void
    {
        $this->ask('POST', '/api/season/air', ['figures' => ['temperature' => '7.5', 'humidity' => '81 %']])
            ->assertCreated()
            ->assertJsonPath('sentence', 'The shop’s air: 7.5 °C and 81 %.');
        $this->ask('GET', '/api/season')->assertJsonPath('count', 8762);
        $this->ask('POST', '/api/season/air', ['figures' => ['temperature' => '68', 'humidity' => '81']])
            ->assertStatus(422)
            ->assertJsonPath('errors.0', [
                'field' => 'figures.temperature',
                'message' => 'Is that °F? It would be 20 °C.',
            ]);
        $this->ask('POST', '/api/season/air', ['figures' => ['temperature' => '68 °F', 'humidity' => '']])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.humidity');
    }

    public function test_a_hygrometer_that_answers_is_asked_for_both(): void
    {
        $this->ask('GET', '/api/instrument/air')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'Say under True where your instrument answers.');
        $this->ask('PUT', '/api/preferences', ['instrumentUrl' => 'http://127.0.0.1:8201'])->assertOk();
        Http::fake(
            static fn ($request) => Http::response(
                gmdate('Y-m-d\TH:i:s.000\Z').
                    (str_contains($request->url(), 'of=temperature')
                        ? ' thermometer 14.0 7.6 °C'
                        : ' hygrometer 14.0 80.5 %').
                    "\n",
            ),
        );
        $this->ask('GET', '/api/instrument/air')
            ->assertOk()
            ->assertExactJson(['temperature' => '7.6', 'humidity' => '80.5']);
    }

    public function test_an_instrument_that_reads_no_air_is_told(): void
    {
        $this->ask('PUT', '/api/preferences', ['instrumentUrl' => 'http://127.0.0.1:8201'])->assertOk();
        Http::fake(['*' => Http::response("2026-11-25T13:00:00.250Z dial 450.0 0.12 mm\n")]);
        $this->ask('GET', '/api/instrument/air')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'That instrument reads mm, and the air is read in °C and %.');
    }

    public function test_a_log_with_gaps_doubled_and_future_times_is_shown_line_by_line(): void
    {
        $lines = [
            'time,temperature °C,humidity %',
            self::at(-2, 0).',5,80',
            self::at(900, 6).',5,80',
            self::at(900, 7).',5.2,80',
            self::at(900, 7).',5.2,80',
            self::at(900, 7).',9,60',
            self::at(880, 6).',5,104',
            self::at(880, 7).',5,84',
            self::at(1, 7).',5,84',
        ];
        $preview = $this->ask('POST', '/api/files/climate/preview', [
            'text' => implode("\n", $lines),
            'name' => 'shed.csv',
        ])
            ->assertOk()
            ->json();
        self::assertSame([3, 1, 4], [$preview['sound'], $preview['here'], $preview['wrongCount']]);
        self::assertSame(
            [
                [2, 'This time has not come yet.'],
                [6, 'This time stands twice in the file, with 5.2 °C and 80 %: that one stays.'],
                [7, 'Humidity lies between 0 and 100 %.'],
            ],
            array_map(static fn (array $wrong): array => array_values($wrong), array_slice($preview['wrong'], 0, 3)),
        );
        self::assertStringStartsWith('This time is in the log already, with ', $preview['wrong'][3]['says']);
        self::assertStringContainsString('20 days.', $preview['notes'][0]);
        self::assertNull($preview['question']);
    }

    public function test_fahrenheit_is_recognised_and_asked_about(): void
    {
        $text =
            "Timestamp;Temp;RH\r\n".
            implode(
                "\r\n",
                array_map(
                    static fn (int $hour): string => self::at(900, $hour).';'.(50 + $hour).';70',
                    range(0, 9),
                ),
            );
        $file = ['text' => $text, 'name' => 'logger.csv'];
        $this->ask('POST', '/api/files/climate/preview', $file)
            ->assertOk()
            ->assertJsonPath('question.says', 'Half of its temperatures are above 32. Are they °F?')
            ->assertJsonPath('sound', 10);
        $this->ask('POST', '/api/files/climate', $file)->assertStatus(422)->assertJsonPath('errors.0.field', 'answer');
        $this->ask('POST', '/api/files/climate/preview', [...$file, 'answer' => 'f'])
            ->assertJsonPath('question', null)
            ->assertJsonPath('first.0', self::at(900, 0).': 10.0 °C, 70 %')
            ->assertJsonPath('notes.0', 'Its temperatures are °F, and kept as °C.');
        $this->ask('POST', '/api/files/climate/preview', [...$file, 'answer' => 'c'])
            ->assertJsonPath('question', null)
            ->assertJsonPath('first.0', self::at(900, 0).': 50.0 °C, 70 %');
        $this->ask('POST', '/api/files/climate', [...$file, 'answer' => 'f'])->assertCreated();
        // Said in its heading, nobody is asked.
        $this->ask('POST', '/api/files/climate/preview', [
            'text' => str_replace('Temp', 'Temperature (°F)', $text),
            'name' => 'x',
        ])
            ->assertJsonPath('question', null)
            ->assertJsonPath('here', 10);
    }

    /** Day or month first, and °F, one after the other. */
    public function test_two_questions_are_asked_in_turn(): void
    {
        $file = [
            'text' => "Date;Time;Temp;RH\n".
                implode(
                    "\n",
                    array_map(
                        static fn (int $hour): string => "3/4/2019;$hour:00 AM;".(50 + $hour).';70',
                        range(1, 9),
                    ),
                ),
            'name' => 'logger.csv',
        ];
        $this->ask('POST', '/api/files/climate/preview', $file)->assertJsonPath(
            'question.says',
            'Which comes first in 3/4/2019?',
        );
        $this->ask('POST', '/api/files/climate/preview', [...$file, 'answer' => 'mdy'])
            ->assertJsonPath('question.says', 'Half of its temperatures are above 32. Are they °F?')
            ->assertJsonPath('first.0', '2019-03-04 01:00: 10.6 °C, 70 %');
        $this->ask('POST', '/api/files/climate/preview', [...$file, 'answer' => 'dmy,f'])
            ->assertJsonPath('question', null)
            ->assertJsonPath('first.0', '2019-04-03 01:00: 10.6 °C, 70 %');
        $this->ask('POST', '/api/files/climate', [...$file, 'answer' => 'dmy,f'])->assertCreated();
        // One line that tells it answers for all.
        $this->ask('POST', '/api/files/climate/preview', [
            'text' => $file['text']."\n3/14/2019;1:00 PM;60;70",
            'name' => 'x',
            'answer' => 'f',
        ])
            ->assertJsonPath('question', null)
            ->assertJsonPath('first.0', '2019-03-04 01:00: 10.6 °C, 70 %')
            ->assertJsonPath('sound', 10);
        $this->ask('POST', '/api/files/climate', [...$file, 'answer' => 'perhaps'])->assertStatus(422);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function asked(string $path, string $text): TestResponse
    {
        return $this->post(
            $path,
            ['text' => $text, 'name' => 'year.csv'],
            ['Accept' => Progress::TYPE.', application/json'],
        );
    }

    /** A year by the hour: told how far it is, taken in as one entry, known when it comes again, undone at once. */
    public function test_a_year_comes_in_with_progress(): void
    {
        $lines = ['date,time,temperature,humidity'];
        for ($hour = 0; $hour < 8760; $hour++) {
            $lines[] = gmdate('Y-m-d,H:i', 1_600_000_000 + 3600 * $hour).',8.5,'.(60 + ($hour % 30));
        }
        $text = implode("\n", $lines);
        $told = array_map(
            static fn (string $line): array => json_decode($line, true),
            explode("\n", trim($this->asked('/api/files/climate/preview', $text)->streamedContent())),
        );
        self::assertSame(['done' => 8500, 'of' => 8760], $told[34]);
        self::assertSame(8760, $told[count($told) - 1]['answer']['sound']);
        $told = explode("\n", trim($this->asked('/api/files/climate', $text)->streamedContent()));
        $entry = json_decode($told[count($told) - 1], true)['answer'];
        self::assertSame('Imported 8760 lines of the climate from year.csv.', $entry['sentence']);
        $this->ask('GET', '/api/season')->assertJsonPath('count', 8761 + 8760);
        $again = explode("\n", trim($this->asked('/api/files/climate', $text)->streamedContent()));
        self::assertSame(
            'All of it is here already.',
            json_decode($again[count($again) - 1], true)['errors'][0]['message'],
        );
        $this->ask('POST', "/api/diary/{$entry['id']}/undo")->assertCreated();
        $this->ask('GET', '/api/season')->assertJsonPath('count', 8761);
    }

    public function test_what_goes_out_comes_in_again_and_nothing_is_new(): void
    {
        $text = (string) $this->get('/api/files/climate.csv')->assertOk()->getContent();
        $this->ask('POST', '/api/files/climate/preview', ['text' => $text, 'name' => 'climate.csv'])
            ->assertJsonPath('sound', 0)
            ->assertJsonPath('wrong', [])
            ->assertJsonPath('here', 8761);
    }
}
