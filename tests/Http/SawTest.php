<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;

/** Saws: read, filed tooth by tooth, their templates printed at true size. */
final class SawTest extends HttpTestCase
{
    private const READ = [
        'tpi' => '15',
        'rake' => '4',
        'fleam' => '0',
        'slope' => '0',
        'set' => '0.05',
        'plate' => '0.5',
        'length' => '250',
        'depth' => '45',
    ];

    private static function saw(string $kind = 'dovetail-saw'): Tool
    {
        return Tool::of(self::bench())->where('kind', $kind)->firstOrFail();
    }

    /**
     * @param  array<string, string>  $figures
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private static function form(array $figures = [], array $with = []): array
    {
        return $with + ['figures' => $figures + self::READ, 'use' => 'rip', 'state' => 'dull', 'hardened' => false];
    }

    public function test_the_saws_that_are_filed_are_listed(): void
    {
        $names = $this->ask('GET', '/api/saws')->assertOk()->json('saws.*.name');
        self::assertContains('dovetail saw, 250 mm, 15 teeth per inch', $names);
        self::assertNotContains('coping saw, 160 mm blade', $names);
        $this->ask(
            'GET',
            '/api/saws/'.Tool::of(self::bench())->where('kind', 'coping-saw')->firstOrFail()->id,
        )->assertNotFound();
    }

    public function test_the_school_says_how_fine(): void
    {
        $this->ask('GET', '/api/saws/'.self::saw()->id)->assertJsonPath('school', '15');
        $this->ask('GET', '/api/saws/'.self::saw('rip-handsaw')->id)->assertJsonPath('school', null);
    }

    public function test_teeth_file_and_plan_follow_what_is_typed(): void
    {
        $preview = $this->ask('POST', '/api/saws/'.self::saw()->id.'/preview', self::form())
            ->assertOk()
            ->assertJsonPath('sound', true)
            ->assertJsonPath('canFile', true)
            ->assertJsonPath('drawn.pitch', '1.69 mm')
            ->assertJsonPath('drawn.kerf', '0.60 mm')
            ->json();
        // 250 mm at 25.4/15 are 147 teeth; jointed, filed from both sides, the burr taken off.
        // Half a millimetre of coping blade in a cut of 0.60.
        self::assertSame(
            'coping saw, 160 mm blade: its blade drops in, 0.10 mm to spare',
            $preview['lines'][3]['text'],
        );
        self::assertSame(
            ['2 strokes', '74 teeth', '73 teeth', '74 gullets', '73 gullets', '2 strokes'],
            array_column($preview['steps'], 'count'),
        );
    }

    public function test_what_cannot_be_or_is_doubtful_stands_beside_its_figure(): void
    {
        $figure = fn (string $name, array $typed): array => $this->ask(
            'POST',
            '/api/saws/'.self::saw()->id.'/preview',
            self::form($typed),
        )
            ->assertOk()
            ->json("figures.$name");
        self::assertSame(
            ['The count says 15 teeth. Did you type points? They are one more.', '15'],
            [
                $figure('tpi', ['tpi' => '16', 'tips' => '16', 'over' => '25.4'])['doubt'],
                $figure('tpi', ['tpi' => '16', 'tips' => '16', 'over' => '25.4'])['instead'],
            ],
        );
        self::assertStringContainsString(
            'cannot carry so fine a pitch',
            $figure('tpi', ['tpi' => '32', 'plate' => '0.9'])['error'],
        );
        self::assertStringContainsString(
            'without set bind',
            $figure('fleam', ['fleam' => '20', 'set' => '0'])['doubt'],
        );
        self::assertSame(
            'Across the teeth it comes to 0.10 mm.',
            $figure('set', ['set' => '0.05', 'across' => '0.7'])['doubt'],
        );
        self::assertStringContainsString('breaks teeth', $figure('set', ['set' => '0.3'])['error']);
        self::assertStringContainsString('Narrower than the plate', $figure('across', ['across' => '0.4'])['error']);
        $this->ask('PUT', '/api/saws/'.self::saw()->id, self::form(['tpi' => 'fine'], ['version' => 1]))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.tpi');
    }

    public function test_hardened_teeth_and_a_filed_away_plate_are_not_worth_it(): void
    {
        $next = fn (array $form): string => $this->ask('POST', '/api/saws/'.self::saw()->id.'/preview', $form)
            ->assertJsonPath('canFile', false)
            ->json('next.says');
        self::assertSame('Use it until it is blunt, then change it.', $next(self::form([], ['hardened' => true])));
        self::assertSame('Not worth another filing.', $next(self::form(['depth' => '17'])));
        $this->ask(
            'POST',
            '/api/saws/'.self::saw()->id.'/sessions',
            self::form(['depth' => '17'], ['version' => 1]),
        )->assertStatus(422);
    }

    public function test_what_was_read_is_kept_with_the_tool_and_undone(): void
    {
        $saw = self::saw();
        $this->ask(
            'PUT',
            "/api/saws/{$saw->id}",
            self::form(['rake' => '8', 'fleam' => '10'], ['version' => 1, 'use' => 'joinery']),
        )
            ->assertOk()
            ->assertJsonPath('figures.rake', '8')
            ->assertJsonPath('use', 'joinery');
        self::assertEqualsWithDelta(8.0, $saw->refresh()->size['rake'], 1e-9);
        $this->ask('PUT', "/api/saws/{$saw->id}", self::form([], ['version' => 1]))->assertStatus(409);
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertCreated();
        self::assertArrayNotHasKey('rake', $saw->refresh()->size);
    }

    /** Every tap is saved; at the end the saw is lower by what was jointed, set as it was set, and the diary has it. */
    public function test_a_saw_is_filed_tooth_by_tooth(): void
    {
        $saw = self::saw();
        $session = $this->ask('POST', "/api/saws/{$saw->id}/sessions", self::form([], ['version' => 1]))
            ->assertCreated()
            ->assertJsonPath('kind', 'filing')
            ->assertJsonPath('steps.3.of', 'gullets')
            ->json();
        $this->ask('GET', "/api/saws/{$saw->id}")->assertJsonPath('running', $session['id']);
        self::assertContains(
            'Go on filing the dovetail saw, 250 mm, 15 teeth per inch.',
            $this->ask('GET', '/api/bench')->json('chores.*.says'),
        );
        $drawn = $this->ask('GET', "/api/sessions/{$session['id']}/hands")->assertOk()->json('steps.*.drawing');
        self::assertSame(
            ['joint', 'set-teeth', 'set-teeth', 'file-teeth', 'file-teeth'],
            array_slice($drawn, 0, 5),
        );
        $half = ['atStep' => 3, 'phase' => 'stroke', 'counted' => [2, 74, 73, 31, 0, 0], 'version' => 1];
        $this->ask('PUT', "/api/sessions/{$session['id']}", $half)->assertOk();
        $this->ask('GET', "/api/sessions/{$session['id']}")
            ->assertJsonPath('counted.3', 31)
            ->assertJsonPath('atStep', 3);
        $done = ['atStep' => 5, 'phase' => 'stroke', 'counted' => [2, 74, 73, 74, 73, 2], 'version' => 2];
        $this->ask('PUT', "/api/sessions/{$session['id']}", $done)->assertOk();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['outcome' => 'done', 'version' => 3])
            ->assertOk()
            ->assertJsonPath('state', 'finished');
        self::assertEqualsWithDelta([44.95, 0.08], [$saw->refresh()->size['depth'], $saw->size['set']], 1e-6);
        $this->ask('GET', "/api/saws/{$saw->id}")
            ->assertJsonCount(1, 'filings')
            ->assertJsonPath('running', null);
        self::assertStringStartsWith(
            '147 gullets, jointed by 0.05 mm',
            $this->ask('GET', "/api/saws/{$saw->id}")->json('filings.0.says'),
        );
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Filed the dovetail saw, 250 mm, 15 teeth per inch: 147 gullets.',
        );
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertCreated();
        $this->ask('GET', "/api/saws/{$saw->id}")->assertJsonCount(0, 'filings');
    }

    /** Measured in the file: a hundred pitches of 15 to the inch are 169.333 mm, to a twentieth of a millimetre. */
    public function test_the_template_is_printed_at_true_size(): void
    {
        $at = '/api/saws/'.self::saw()->id.'/template/';
        $whole = new Svg(
            (string) $this->get("{$at}whole.svg?tpi=15&length=250")
                ->assertOk()
                ->getContent(),
        );
        $tips = $whole->lines('0.10');
        self::assertEqualsWithDelta(169.3333, $tips[100][1] - $tips[0][1], 0.05);
        self::assertCount(148, $tips);
        // Over several sheets: every tip once, each where it was.
        $places = [];
        foreach (['A1', 'B1'] as $row => $name) {
            $form = new Svg(
                (string) $this->get("$at$name.svg?tpi=15&length=250")
                    ->assertOk()
                    ->getContent(),
            );
            foreach (
                array_filter(
                    $form->lines('0.10'),
                    static fn (array $line): bool => abs($line[2] - $line[0]) > 5 && abs($line[2] - $line[0]) < 40,
                ) as $line
            ) {
                $places[] = $line[1] - 12 + $row * 255.0;
            }
        }
        self::assertCount(148, $places);
        self::assertEqualsWithDelta($tips[147][1], max([0.0, ...$places]), 0.01);
        $this->get("{$at}Z9.svg?tpi=15&length=250")->assertNotFound();
        self::assertSame(
            2,
            preg_match_all(
                '/\/Type \/Page\b/',
                (string) $this->get("{$at}sheets.pdf?tpi=15&length=250")
                    ->assertOk()
                    ->getContent(),
            ),
        );
    }

    public function test_a_template_that_cannot_be_is_refused_beside_its_field(): void
    {
        $at = '/api/saws/'.self::saw()->id.'/template/sheets.pdf?';
        foreach (
            [
                'tpi=15&length=1600' => 'length',
                'tpi=no&length=250' => 'tpi',
                'tpi=15&length=250&toe=18' => 'toeLength',
                'tpi=15&length=250&toe=18&toeLength=300' => 'toeLength',
                'tpi=15&length=250&graded=1' => 'toe',
            ] as $query => $field
        ) {
            $this->get($at.$query, ['Accept' => 'application/json'])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', $field);
        }
        $this->get($at.'tpi=15&length=250&toe=20&toeLength=60&graded=1')->assertOk();
        self::assertStringContainsString(
            'up to here 15° of rake',
            (string) $this->get(
                str_replace('sheets.pdf', 'whole.svg', $at).'tpi=15&length=250&toeRake=15&toeLength=40',
            )
                ->assertOk()
                ->getContent(),
        );
        $this->get($at.'tpi=15&length=250&toeRake=15', ['Accept' => 'application/json'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'toeLength');
        // The page says it before anybody prints.
        $this->ask(
            'POST',
            '/api/saws/'.self::saw()->id.'/preview',
            self::form(['toe' => '18', 'toeLength' => '300']),
        )
            ->assertJsonPath('template', null)
            ->assertJsonPath('figures.toeLength.error', 'Must be at most as long as the toothed edge (250 mm).');
        $this->ask('POST', '/api/saws/'.self::saw()->id.'/preview', self::form())->assertJsonPath(
            'template',
            '148 tips, 1.69 mm apart, on 2 sheets to be joined.',
        );
    }
}
