<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Edge\EdgeEvent;
use App\Files\CsvTable;
use App\Tool\Tool;
use PHPUnit\Framework\Attributes\TestWith;

final class FilesTest extends HttpTestCase
{
    private const LINES = "\xEF\xBB\xBFday;edge;what;minutes;wood\r\n2026-11-02;12 mm "
        ."chisel;used;20;soft\r\n2026-11-03;12 mm spoon;used;20;soft\r\n2026-13-03;12 mm chisel;used;;soft\r\n";

    public function test_the_preview_says_line_by_line_what_it_cannot_read(): void
    {
        $this->ask('POST', '/api/files/diary/preview', ['text' => self::LINES, 'name' => 'shed.csv'])
            ->assertJsonPath('sound', 1)
            ->assertJsonPath('first', ['2026-11-02: Used the 12 mm chisel for 20 minutes in soft wood.'])
            ->assertJsonPath('wrong.0', ['line' => 3, 'says' => 'There is no edge called “12 mm spoon” here.'])
            ->assertJsonPath('wrong.1', [
                'line' => 4,
                'says' => 'Write the day as 2026-11-25. How many minutes, about?',
            ]);
    }

    public function test_a_file_is_taken_in_once_known_again_and_can_be_undone(): void
    {
        $file = ['text' => self::LINES, 'name' => 'shed.csv'];
        $before = EdgeEvent::of(self::bench())->count();
        $entry = $this->ask('POST', '/api/files/diary', $file)->assertCreated()->json();
        self::assertSame($before + 1, EdgeEvent::of(self::bench())->count());
        $this->ask('POST', '/api/files/diary/preview', $file)
            ->assertJsonPath('sound', 0)
            ->assertJsonPath('here', 1)
            ->assertJsonPath('before', date('Y-m-d'));
        $this->ask('POST', '/api/files/diary', $file)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'All of it is here already.');
        $this->ask('POST', "/api/diary/{$entry['id']}/undo")->assertCreated();
        self::assertSame($before, EdgeEvent::of(self::bench())->count());
        $this->ask('POST', '/api/files/diary/preview', $file)->assertJsonPath('sound', 1);
    }

    public function test_what_goes_out_comes_in_again_and_nothing_is_new(): void
    {
        foreach (['diary', 'rack', 'kit'] as $what) {
            $text = (string) $this->get("/api/files/$what.csv")
                ->assertOk()
                ->getContent();
            self::assertStringStartsWith("\xEF\xBB\xBF", $text);
            $this->ask('POST', "/api/files/$what/preview", ['text' => $text, 'name' => "$what.csv"])
                ->assertJsonPath('sound', 0)
                ->assertJsonPath('wrong', []);
        }
    }

    public function test_a_kit_comes_from_a_table_with_its_edges_and_prices(): void
    {
        $before = Tool::of(self::bench())->count();
        $text = "kind;name;status;sizes;price\r\njack plane;;owned;length 380 mm; iron 50 mm;55\r\n".
            "bevel-edge chisel;narrow chisel;wanted;;12\r\nspoon;;;;\r\njack plane;x;owned;handle 3 mm;\r\n";
        $text = str_replace('length 380 mm; iron 50 mm', '"length 380 mm; iron 50 mm"', $text);
        $file = ['text' => $text, 'name' => 'kit.csv'];
        $preview = $this->ask('POST', '/api/files/kit/preview', $file)->assertJsonPath('sound', 2)->json();
        self::assertStringStartsWith('Hang up: jack plane, 380 mm', $preview['first'][0]);
        self::assertSame('Put on the list: narrow chisel', $preview['first'][1]);
        self::assertSame('No kind of tool here is called “spoon”.', $preview['wrong'][0]['says']);
        self::assertStringContainsString('no size called “handle”', $preview['wrong'][1]['says']);
        $edges = Edge::of(self::bench())->count();
        $entry = $this->ask('POST', '/api/files/kit', $file)->assertCreated()->json();
        self::assertSame($before + 2, Tool::of(self::bench())->count());
        self::assertSame($edges + 1, Edge::of(self::bench())->count(), 'what is but wanted has no edge yet');
        $dearer = ['text' => "kind,name,price\r\nbevel-edge chisel,narrow chisel,14.50\r\n", 'name' => 'prices.csv'];
        $this->ask('POST', '/api/files/kit/preview', $dearer)
            ->assertJsonPath('first', ['The price of the narrow chisel: 14.5']);
        $this->ask('POST', '/api/files/kit', $dearer)->assertCreated();
        $price = static fn (): ?float => Tool::of(self::bench())->where('name', 'narrow chisel')->first()?->price;
        self::assertSame(14.5, $price());
        $this->ask('POST', "/api/diary/{$entry['id']}/undo")->assertCreated();
        self::assertNull($price());
    }

    #[TestWith(['works', 5])]
    #[TestWith(['references', 7])]
    #[TestWith(['tests', 20])]
    #[TestWith(['makings', 1])]
    public function test_what_goes_out_alone_has_a_line_for_each(string $what, int $least): void
    {
        $text = (string) $this->get("/api/files/$what.csv")->assertOk()->getContent();
        $lines = array_filter(explode("\r\n", $text), static fn (string $line): bool => $line !== '');
        self::assertGreaterThan($least, count($lines));
        $cells = array_map(static fn (string $line): int => count(str_getcsv($line, ',', '"', '')), $lines);
        self::assertCount(1, array_unique($cells));
        $this->json('POST', "/api/files/$what/preview", ['text' => $text, 'name' => 'x.csv'])->assertNotFound();
    }

    /** Cells copied from a spreadsheet come with tabs between them. */
    public function test_lines_pasted_from_a_spreadsheet(): void
    {
        $this->ask('POST', '/api/files/rack', [
            'text' => "name\tmedium\tscale\tdesignation\nfine oilstone\toilstone\tmicron\t9\n",
            'name' => 'pasted',
        ])->assertCreated();
        $this->ask('GET', '/api/rack')->assertJsonCount(7, 'stones');
    }

    public function test_a_quoted_cell_may_hold_the_separator_and_a_line_end(): void
    {
        $text =
            "day,edge,what,minutes,note\n2026-11-02,\"12 mm chisel\",used,20,\"pins, "
                ."then\nsockets\"\n2026-11-03,nothing,used,1,\n";
        $this->ask('POST', '/api/files/diary/preview', ['text' => $text, 'name' => 'x'])
            ->assertJsonPath('sound', 1)
            ->assertJsonPath('wrong.0.line', 4);
    }

    public function test_a_file_without_its_columns_is_refused_in_words(): void
    {
        $this->ask('POST', '/api/files/diary/preview', ['text' => "a,b\n1,2", 'name' => 'x'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'text');
        $this->ask('POST', '/api/files/diary/preview', ['text' => '', 'name' => 'x'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'Choose a file, or paste the lines.');
    }

    /** Two edges of one name do not mix: the number says which, and without it nothing is guessed. */
    public function test_two_edges_of_one_name_do_not_mix(): void
    {
        $first = Edge::of(self::bench())->where('name', '12 mm chisel')->firstOrFail();
        $second = $first->replicate(['version']);
        $second->save();
        $line = static fn (string $number): string => "day;edge;what;minutes;wood;number\n"
            ."2026-10-02;12 mm chisel;used;33;soft;$number\n";
        $this->ask('POST', '/api/files/diary/preview', ['text' => $line(''), 'name' => 'a.csv'])
            ->assertJsonPath('sound', 0)
            ->assertJsonPath(
                'wrong.0.says',
                'There are several edges called “12 mm chisel”: the column “number” says which, '
                    ."{$first->id} or {$second->id}.",
            );
        $this->ask('POST', '/api/files/diary', ['text' => $line((string) $second->id), 'name' => 'a.csv'])
            ->assertCreated();
        self::assertSame(1, $second->events()->where('minutes', 33)->count());
        self::assertSame(0, $first->events()->where('minutes', 33)->count());
        $out = (string) $this->get('/api/files/diary.csv')->getContent();
        $this->ask('POST', '/api/files/diary/preview', ['text' => $out, 'name' => 'b.csv'])
            ->assertJsonPath('sound', 0)
            ->assertJsonPath('wrong', []);
    }

    #[TestWith(['=1+1'])]
    #[TestWith(['+49 30'])]
    #[TestWith(['-cmd'])]
    #[TestWith(['@SUM(A1)'])]
    #[TestWith(['＝1+1'])]
    #[TestWith(['－2+3'])]
    #[TestWith(["\t=1"])]
    public function test_no_cell_becomes_a_formula(string $note): void
    {
        $csv = CsvTable::write(['note', 'number'], [['note' => $note, 'number' => -5.5]]);
        self::assertStringContainsString("'".$note, $csv);
        self::assertStringContainsString('-5.5', $csv);
        self::assertStringNotContainsString("'-5.5", $csv);
        $rows = CsvTable::read($csv, ['note', 'number'], 'note')->rows;
        self::assertSame(trim($note), $rows[0]['cells']['note']);
    }

    /** Twenty thousand steps of a work took 25 s to be refused one by one. */
    public function test_what_is_too_long_is_refused_before_anything_else(): void
    {
        $long = array_fill(0, 20_000, ['operation' => 'x', 'facts' => []]);
        $this->json('POST', '/api/works/preview', ['steps' => $long, 'measures' => [], 'hardness' => 'soft'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'That is more than can be taken at once.');
    }

    public function test_control_characters_are_refused_beside_their_field(): void
    {
        $this->ask('POST', '/api/blanks', [
            'name' => "holly\u{7} strip", 'species' => 'American holly', 'figure' => 'straight',
            'knots' => 'none', 'figures' => ['length' => '300', 'width' => '40', 'thickness' => '10', 'ring' => '80'],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'name');
    }
}
