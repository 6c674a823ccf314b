<?php

declare(strict_types=1);

namespace Tests\Http;

use App\SetOut\SetOut;
use App\Tool\Tool;
use App\Work\Work;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Config;
use JackRest\Desk\SetOut\SetOutQuestion;

final class SetOutTest extends HttpTestCase
{
    private const DOVETAILS = ['question' => 'dovetails', 'name' => 'corners again', 'typed' => ['tails' => '4'],
        'choices' => []];

    public function test_each_question_is_asked_and_answered_by_itself(): void
    {
        $asked = $this->ask('GET', '/api/set-out')->assertOk()->assertJsonPath('work', null)->json('questions');
        self::assertSame(array_column(SetOutQuestion::cases(), 'value'), array_column($asked, 'id'));
        foreach ($asked as $question) {
            $answer = $this->ask('POST', "/api/set-out/{$question['id']}/preview", ['typed' => [], 'choices' => []])
                ->assertOk()
                ->json();
            self::assertNotSame([], $answer['views'], $question['id']);
            self::assertEqualsCanonicalizing(
                array_column($question['fields'], 'name'),
                array_keys($answer['figures']),
            );
        }
        $this->ask('POST', '/api/set-out/finger-joints/preview', ['typed' => [], 'choices' => []])->assertNotFound();
    }

    /** The shop's own log says how moist a board lives there, as on the season's page. */
    public function test_what_was_measured_lately_stands_in_the_questions(): void
    {
        $questions = array_column($this->ask('GET', '/api/set-out')->json('questions'), null, 'id');
        $rest = array_column($questions['stages']['fields'], null, 'name')['rest'];
        $season = $this->ask('GET', '/api/season?thickness=20')->json('lines.0');
        self::assertStringContainsString('this shop’s', $rest['hint']);
        preg_match('/is at ([\d.]+) %/', $season, $now);
        self::assertEqualsWithDelta((float) ($now[1] ?? 0), (float) $rest['usual'], 0.11);
        $lead = array_column($questions['boring']['fields'], null, 'name')['lead'];
        self::assertSame('counted with your own bit', $lead['hint']);
    }

    /** Hands and tools are kept as text between two keys, and read back the same; a write lets them go. */
    public function test_what_is_kept_between_two_keys_answers_the_same(): void
    {
        $asked = ['typed' => [], 'choices' => []];
        $fresh = $this->ask('POST', '/api/set-out/dovetails/preview', $asked)->json();
        $plan = ['figures' => [], 'blanks' => []];
        $needs = $this->ask('POST', '/api/plans/bridle-square/needs', $plan)->json();
        Config::set('cache.stores.answers', ['driver' => 'array', 'serialize' => true]);
        app('cache')->forgetDriver('answers');
        foreach (range(1, 2) as $ignored) {
            self::assertSame($fresh, $this->ask('POST', '/api/set-out/dovetails/preview', $asked)->json());
            self::assertSame($needs, $this->ask('POST', '/api/plans/bridle-square/needs', $plan)->json());
        }
        foreach (Tool::of(self::bench())->where('kind', 'bench-chisel')->get() as $chisel) {
            $this->ask('DELETE', "/api/tools/$chisel->id", ['version' => $chisel->version])->assertOk();
        }
        self::assertNotSame(
            $fresh['settings'],
            $this->ask('POST', '/api/set-out/dovetails/preview', $asked)->json('settings'),
        );
    }

    public function test_in_a_work_its_own_numbers_stand(): void
    {
        $work = self::work('hive stand');
        $mortise = $this->ask('GET', "/api/set-out?work=$work->id")->assertJsonPath('work', 'hive stand')
            ->json('questions.1');
        $usual = array_column($mortise['fields'], 'usual', 'name');
        self::assertSame(['45', '70', '35', '10'], [
            $usual['stock'], $usual['railWidth'], $usual['depth'], $usual['mortise'],
        ]);
        $this->ask('POST', '/api/set-out/mortise/preview', ['typed' => [], 'choices' => [], 'work' => $work->id])
            ->assertJsonPath(
                'next.says',
                'Set the mortise gauge to 17.5 mm and 27.5 mm, with the 10 mm chisel between its points.',
            );
        $shelf = self::work('shelf for the shed');
        $this->ask('POST', '/api/set-out/recess/preview', ['typed' => [], 'choices' => [], 'work' => $shelf->id])
            ->assertJsonPath('choices.grain', 'across');
        $this->ask('POST', '/api/set-out/recess/preview', [
            'typed' => [], 'choices' => ['grain' => 'along'], 'work' => $shelf->id,
        ])->assertJsonPath('choices.grain', 'along');
        $this->getJson('/api/set-out?work=99999')->assertNotFound();
    }

    public function test_the_demo_s_works_are_set_out_whole(): void
    {
        foreach (Work::of(self::bench())->get() as $work) {
            $card = $this->ask('GET', "/api/works/$work->id/set-outs")->assertOk()->json();
            self::assertNotSame([], $card['kept'], $work->name);
            self::assertSame([], $card['asks'], $work->name);
            self::assertNotSame([], $card['rows'], $work->name);
        }
    }

    public function test_what_is_kept_stands_on_the_card_until_it_is_taken_off_and_comes_back(): void
    {
        $work = self::work('frame jig');
        $path = "/api/works/$work->id/set-outs";
        $before = $this->ask('GET', $path)->json();
        $card = $this->ask('POST', $path, self::DOVETAILS)->assertCreated()->json();
        $kept = $card['kept'][count($card['kept']) - 1];
        self::assertSame(['corners again', '4', 1], [$kept['label'], $kept['typed']['tails'], $kept['version']]);
        self::assertContains('corners again', array_column($card['rows'], 'of'));
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.sentence',
            'Set out corners again for the frame jig.');

        $changed = [...self::DOVETAILS, 'typed' => ['tails' => '3'], 'version' => 1];
        $this->ask('PUT', "/api/set-outs/{$kept['id']}", $changed)->assertOk();
        $this->ask('PUT', "/api/set-outs/{$kept['id']}", $changed)->assertStatus(409);
        $entry = $this->ask('DELETE', "/api/set-outs/{$kept['id']}", ['version' => 2])->assertOk()->json('id');
        self::assertSame($before, $this->ask('GET', $path)->json());
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        self::assertSame('3', SetOut::of(self::bench())->whereKey($kept['id'])->firstOrFail()->typed['tails']);
    }

    /** Two days of rest between stages: then it stands on Bench, and before that in the calendar. */
    public function test_boards_that_rest_between_stages_come_back_by_themselves(): void
    {
        Carbon::setTestNow('2026-12-01T09:00:00Z');
        $work = self::work('frame jig');
        $body = ['question' => 'stages', 'name' => 'bars', 'typed' => ['from' => '26', 'days' => '3'], 'choices' => []];
        $kept = $this->ask('POST', "/api/works/$work->id/set-outs", $body)->assertCreated()->json('kept');
        $id = $kept[count($kept) - 1]['id'];
        $says = 'Measure the bars of the frame jig, and plane on.';
        self::assertNotContains($says, $this->ask('GET', '/api/bench')->json('upkeep.*.says'));
        self::assertStringContainsString('Plane on: bars of the frame jig', (string) preg_replace(
            '/\r\n /',
            '',
            (string) $this->get('/api/calendar.ics')->getContent(),
        ));
        Carbon::setTestNow('2026-12-04T09:00:00Z');
        self::assertContains($says, $this->ask('GET', '/api/bench')->json('upkeep.*.says'));
        // What they have now is typed: they rest anew, or are left alone at their size.
        $last = [...$body, 'typed' => ['from' => '20.5', 'stages' => '1'], 'version' => 1];
        $this->ask('PUT', "/api/set-outs/$id", $last)->assertOk();
        self::assertNotContains($says, $this->ask('GET', '/api/bench')->json('upkeep.*.says'));
        Carbon::setTestNow();
    }

    /** What was set out goes with its work, wherever it is asked for, and comes back with it. */
    public function test_a_work_that_is_removed_takes_what_was_set_out_with_it(): void
    {
        Carbon::setTestNow(Carbon::now()->addDays(4));
        $work = self::work('grooved lids');
        $path = "/api/works/$work->id/set-outs";
        $before = $this->ask('GET', $path)->json('kept');
        $id = $before[0]['id'];
        $stand = self::work('hive stand');
        $pegs = array_column($this->ask('GET', "/api/works/$stand->id/set-outs")->json('kept'), 'id', 'label')['pegs'];
        $session = $this->ask('POST', "/api/set-outs/$pegs/sessions")->assertCreated()->json('id');
        $entries = array_map(
            fn (Work $one): int => (int) $this->ask('DELETE', "/api/works/$one->id", ['version' => $one->version])
                ->assertOk()->json('entry.id'),
            [$work, $stand],
        );
        foreach (['bench', 'diary', 'works', "sessions/$session", 'kit'] as $page) {
            $this->ask('GET', "/api/$page")->assertOk();
        }
        $this->get('/api/calendar.ics')->assertOk();
        $this->ask('DELETE', "/api/set-outs/$id", ['version' => 1])->assertNotFound();
        $this->ask('POST', "/api/set-outs/$pegs/sessions")->assertNotFound();
        foreach ($entries as $entry) {
            $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        }
        self::assertSame($before, $this->ask('GET', $path)->json('kept'));
        Carbon::setTestNow();
    }

    public function test_what_is_no_question_is_refused_beside_its_field(): void
    {
        $path = '/api/works/'.self::work('frame jig')->id.'/set-outs';
        $this->ask('POST', $path, [...self::DOVETAILS, 'question' => 'finger-joints'])->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'question');
        $this->ask('POST', $path, [...self::DOVETAILS, 'name' => str_repeat('x', 61)])->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'name');
    }

    public function test_the_card_is_printed(): void
    {
        $path = '/api/works/'.self::work('hive bodies')->id;
        $svg = (string) $this->get("$path/settings.svg")->assertOk()->getContent();
        self::assertStringContainsString('Settings: hive bodies', $svg);
        self::assertStringContainsString('Dividers', $svg);
        self::assertStringStartsWith('%PDF', (string) $this->get("$path/settings.pdf")->assertOk()->getContent());
    }

    /** Counted tap by tap, and in the diary with what was counted. */
    public function test_what_was_set_out_is_counted_at_the_bench(): void
    {
        $work = self::work('hive stand');
        $kept = array_column($this->ask('GET', "/api/works/$work->id/set-outs")->json('kept'), null, 'label');
        self::assertSame([false, true], [$kept['legs and rails']['counts'], $kept['pegs']['counts']]);
        $this->ask('POST', "/api/set-outs/{$kept['legs and rails']['id']}/sessions")->assertStatus(422);

        $path = "/api/set-outs/{$kept['pegs']['id']}/sessions";
        $session = $this->ask('POST', $path)->assertCreated()->json();
        $hands = $this->ask('GET', "/api/sessions/{$session['id']}/hands")->assertOk()->json('steps.0');
        self::assertSame('hole', $hands['drawing']);
        self::assertEquals(['mm' => 12, 'says' => '12 mm'], $hands['sizes']['bit']);
        self::assertGreaterThan(0, $hands['sizes']['depth']['mm']);
        self::assertSame(['cutting', 'turns', 'pegs of the hive stand'], [
            $session['kind'], $session['steps'][0]['of'], $session['title'],
        ]);
        // To 40 mm with a screw of 8 and the bits that were counted here.
        $lead = (float) array_column($this->ask('GET', '/api/set-out')->json('questions.6.fields'), 'usual',
            'name')['lead'];
        $turns = (int) ceil(round(48 / $lead * 4) / 4);
        self::assertSame($turns, $session['steps'][0]['count']);
        self::assertSame($session['id'], $this->ask('POST', $path)->assertCreated()->json('id'), 'the one under way');
        self::assertContains('Go on cutting the pegs of the hive stand.', array_column(
            $this->ask('GET', '/api/bench')->json('chores'),
            'says',
        ));
        $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'version' => 1, 'atStep' => 0, 'phase' => 'stroke', 'counted' => [$turns],
        ])->assertOk();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['version' => 2, 'outcome' => 'done'])->assertOk();
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            "Cut the pegs of the hive stand: $turns turns with the brace.",
        );
    }

    /** The lines in mm are the layout's own, and the check line is 100 mm long. */
    public function test_templates_are_printed_at_true_size(): void
    {
        $ask = '/api/set-out/dovetails/template/whole';
        $dxf = (string) $this->get("$ask.dxf?typed[width]=100&typed[tails]=2")->assertOk()->getContent();
        preg_match_all('/LINE\n8\n(\S+)\n10\n(\S+)\n20\n\S+\n11\n(\S+)\n/', $dxf, $lines, PREG_SET_ORDER);
        self::assertGreaterThan(20, count($lines));
        $xs = array_map(static fn (array $line): float => max((float) $line[2], (float) $line[3]), $lines);
        self::assertEqualsWithDelta(100.0, max([0.0, ...$xs]), 1e-9);
        $check = array_values(array_filter($lines, static fn (array $line): bool => $line[1] === 'CHECK_100_MM'));
        self::assertSame([['0.0000', '100.0000']], array_map(
            static fn (array $line): array => [$line[2], $line[3]],
            $check,
        ));
        self::assertStringContainsString('100 mm', (string) $this->get("$ask.svg")->assertOk()->getContent());
        $pdf = $this->get('/api/set-out/mortise/template/sheets.pdf?work='.self::work('hive stand')->id)->assertOk();
        self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
        $this->get('/api/set-out/boring/template/whole.svg')->assertNotFound();
        $this->getJson("$ask.svg?typed[slope]=2&typed[tails]=9")->assertStatus(422);
    }

    private static function work(string $name): Work
    {
        return Work::of(self::bench())->where('name', $name)->firstOrFail();
    }
}
