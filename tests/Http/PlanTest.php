<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Blank\Blank;
use App\Making\Making;
use App\Tool\Tool;
use JackRest\Desk\Making\PlanKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Plans: their sizes chosen, their parts cut from the shelf, their templates at true size. */
final class PlanTest extends HttpTestCase
{
    /**
     * @param  array<string, string>  $figures
     * @return array<string, mixed>
     */
    private function preview(string $plan, array $figures = []): array
    {
        return $this->ask('POST', "/api/plans/$plan/preview", ['figures' => $figures, 'blanks' => []])
            ->assertOk()
            ->json();
    }

    /**
     * @param  array<string, string>  $figures
     * @param  array<string, string>  $blanks
     * @return array<string, mixed> where its wood comes from, and what the kit lacks for it
     */
    private function needs(string $plan, array $figures = [], array $blanks = []): array
    {
        return $this->ask('POST', "/api/plans/$plan/needs", ['figures' => $figures, 'blanks' => $blanks])
            ->assertOk()
            ->json();
    }

    /** @return array<string, int> */
    private static function shelf(): array
    {
        return Blank::of(self::bench())->pluck('id', 'name')->all();
    }

    /** @return iterable<string, array{string}> */
    public static function plans(): iterable
    {
        foreach (PlanKind::cases() as $plan) {
            yield $plan->value => [$plan->value];
        }
    }

    #[DataProvider('plans')]
    public function test_each_plan_stands_there_whole(string $plan): void
    {
        $preview = $this->preview($plan);
        self::assertNull($preview['wrong']);
        self::assertNotSame([], $preview['views']);
        self::assertGreaterThan(3, count($preview['steps']));
        self::assertNotSame([], $preview['sheets']);
        self::assertStringContainsString('trained teaching come first', $preview['caution']);
        self::assertContains($plan, $this->ask('GET', '/api/plans')->assertOk()->json('plans.*.value'));
    }

    public function test_the_parts_come_out_of_the_shelf_with_what_is_planed_off(): void
    {
        $parts = array_column($this->preview('bridle-square', ['blade' => '200'])['parts'], null, 'key');
        $wood = array_column($this->needs('bridle-square', ['blade' => '200'])['wood'], null, 'key');
        self::assertSame(array_keys($parts), array_keys($wood));
        self::assertSame(
            ['240 mm × 40 mm × 6.5 mm', '260 mm × 45 mm × 9.5 mm', 'cherry offcut', null],
            [
                $parts['blade']['size'],
                $parts['blade']['rough'],
                $wood['blade']['from']['name'],
                $wood['blade']['wrong'],
            ],
        );
        self::assertSame('maple length', $this->needs('straightedge')['wood'][0]['from']['name']);
        self::assertSame(
            'Find a blank for the board.',
            $this->needs('bench-hook', ['width' => '300'])['next']['says'],
        );
    }

    /** A blade longer than the blank it is wanted from. */
    public function test_a_blade_longer_than_its_blank_is_told_beside_it(): void
    {
        $walnut = (string) self::shelf()['walnut end'];
        $needs = $this->needs('bridle-square', ['blade' => '600'], ['blade' => $walnut]);
        self::assertSame(
            'Too short: it has 620 mm, and with what is planed off 680 mm are wanted.',
            $needs['wood'][0]['wrong'],
        );
        self::assertSame('Choose another blank for the blade.', $needs['next']['says']);
        $this->ask('POST', '/api/plans/bridle-square/makings', [
            'figures' => ['blade' => '600'],
            'blanks' => ['blade' => $walnut],
            'name' => '',
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'blanks.blade');
        self::assertSame(1, Making::of(self::bench())->count(), 'the demo’s own');
    }

    public function test_what_the_kit_lacks_is_told_with_the_ladder_s_answer(): void
    {
        $whole = $this->needs('bench-hook');
        self::assertSame([], $whole['missing']);
        Tool::of(self::bench())
            ->whereIn('kind', ['brace', 'auger-bits', 'hand-drill', 'spiral-drill', 'bradawl', 'gimlet'])
            ->delete();
        $needs = $this->needs('mallet');
        self::assertContains('bore holes', array_column($needs['missing'], 'operation'));
        self::assertNotSame([], $needs['ladder']);
        self::assertStringStartsWith('€ ', $needs['cost']);
        // Wood first, then tools.
        self::assertSame('Find a blank for the head.', $needs['next']['says']);
        self::assertNotContains(null, array_column($this->needs('straightedge')['wood'], 'from'));
        self::assertSame('Get the bow saw first.', $this->needs('straightedge')['next']['says']);
    }

    public function test_a_size_that_cannot_be_is_told_and_the_last_good_drawing_stays(): void
    {
        $preview = $this->preview('straightedge', ['endWidth' => '60', 'width' => '50']);
        self::assertSame(
            'Narrower than the middle, or it looks like two true edges.',
            $preview['figures']['endWidth']['error'],
        );
        self::assertSame('Correct the size marked ✗.', $preview['wrong']['says']);
        self::assertNotSame([], $preview['views']);
        $this->ask('POST', '/api/plans/straightedge/makings', [
            'figures' => ['length' => 'long'],
            'blanks' => [],
            'name' => '',
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.length');
        $this->ask('POST', '/api/plans/chair/preview', ['figures' => [], 'blanks' => []])->assertNotFound();
    }

    private function file(string $address): string
    {
        return (string) $this->get($address)->assertOk()->getContent();
    }

    /** Measured in the file itself: a view is as long as it says to two thousandths, and the check line is 100 mm. */
    public function test_the_template_is_true_to_size(): void
    {
        $svg = new Svg($this->file('/api/plans/straightedge/template/whole.svg?figures[length]=730&figures[width]=44'));
        [, , $width, $height] = array_map(floatval(...), explode(' ', $svg->root->getAttribute('viewBox')));
        self::assertSame(
            [$width.'mm', $height.'mm'],
            [$svg->root->getAttribute('width'), $svg->root->getAttribute('height')],
        );
        $y = $x = [];
        foreach ($svg->root->getElementsByTagName('path') as $path) {
            if ($path->getAttribute('class') === 'view-0') {
                preg_match_all('/[ML](-?[\d.]+) (-?[\d.]+)/', $path->getAttribute('d'), $found);
                $x = [...$x, ...array_map(floatval(...), $found[1])];
                $y = [...$y, ...array_map(floatval(...), $found[2])];
            }
        }
        // Turned, so that it lies along the paper.
        self::assertEqualsWithDelta(730.0, max(0.0, ...$y) - min(1e9, ...$y), 730 * 0.002);
        self::assertEqualsWithDelta(44.0, max(0.0, ...$x) - min(1e9, ...$x), 44 * 0.002);
    }

    /**
     * Read out of the PDF's own drawing commands: every sheet has a line of 100 mm, the bench hook's sides are as long
     * as typed.
     */
    public function test_the_pdf_is_true_to_size(): void
    {
        $pdf = $this->file('/api/plans/bench-hook/template/sheets.pdf?figures[length]=173&figures[width]=101');
        preg_match_all('/stream\n(.*?)\nendstream/s', $pdf, $streams);
        $pages = array_filter(
            array_map(static fn (string $stream): string => (string) @gzuncompress($stream), $streams[1]),
            static fn (string $text): bool => str_contains($text, ' l S'),
        );
        self::assertNotSame([], $pages);
        foreach ($pages as $page) {
            preg_match_all('/(-?[\d.]+) (-?[\d.]+) m (-?[\d.]+) (-?[\d.]+) l S/', $page, $lines, PREG_SET_ORDER);
            $long = array_map(
                static fn (array $line): float => (hypot(
                    (float) $line[3] - (float) $line[1],
                    (float) $line[4] - (float) $line[2],
                ) /
                    72) *
                    25.4,
                $lines,
            );
            foreach ([100.0, ...str_contains($page, 'From above') ? [173.0, 101.0] : []] as $mm) {
                $nearest = min(1e9, ...array_map(static fn (float $length): float => abs($length - $mm), $long));
                self::assertLessThan(0.002 * $mm, $nearest, "a line of $mm mm");
            }
        }
    }

    #[DataProvider('plans')]
    public function test_its_sheets_print_as_pdf_and_svg(string $plan): void
    {
        $sheets = $this->preview($plan)['sheets'];
        $pdf = $this->file("/api/plans/$plan/template/sheets.pdf");
        self::assertStringStartsWith('%PDF-', $pdf);
        self::assertSame(count($sheets), preg_match_all('~/Type /Page\b(?!s)~', $pdf));
        foreach ($sheets as $name) {
            $svg = new Svg($this->file("/api/plans/$plan/template/$name.svg"));
            self::assertSame(
                ['210mm', '297mm'],
                [$svg->root->getAttribute('width'), $svg->root->getAttribute('height')],
            );
            $checks = 0;
            foreach ($svg->root->getElementsByTagName('line') as $line) {
                $at = static fn (string $end): float => (float) $line->getAttribute($end);
                $checks += (int) (abs($at('x2') - $at('x1') - 100.0) < 1e-6 && $at('y1') === $at('y2'));
            }
            self::assertGreaterThanOrEqual(1, $checks, "$name has a line of 100 mm");
        }
        $this->get("/api/plans/$plan/template/Z9.svg")->assertNotFound();
    }
}
