<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/** A page on paper: a workshop sheet with its title block, a usual scale, and a line to check the printer by. */
final class OnPaperTest extends BrowserTestCase
{
    /** A pixel is a 96th of an inch on paper (CSS Values and Units Level 4, 5.2). */
    private const PX_PER_MM = 96 / 25.4;

    public function test_a_plan_prints_to_a_usual_scale_with_a_check_line(): void
    {
        $this->open('/true/plans/bridle-square');
        $this->seesText('Its sizes');
        self::assertSame(0, $this->many('[data-testid=on-paper]'), 'it belongs to paper alone');
        $this->onPaper();
        $block = $this->text('[data-testid=on-paper]');
        self::assertStringContainsString('Orchard Row', $block);
        self::assertStringContainsString('Try square, bridle joint and pins', $block);
        self::assertEqualsWithDelta(100 * self::PX_PER_MM, $this->measured('[data-testid=on-paper] div div'), 0.5);
        // The blade goes through the stock: 200 mm beyond it and its 40 mm, to the scale that the sheet says.
        $scale = (float) preg_replace('/.*Scale\s+1 : ([\d.]+).*/s', '$1', $this->text('figure figcaption'));
        $long = 240 / max(0.1, $scale) * self::PX_PER_MM;
        self::assertEqualsWithDelta($long, $this->measured('figure svg g g g'), 3.0);
        self::assertContains($scale, [1.0, 2.0, 2.5, 5.0, 10.0], 'a scale that a rule has');
    }

    public function test_what_can_only_be_pressed_stays_off_paper(): void
    {
        $this->open('/true/references/'.$this->referenceId('square'));
        $this->seesText('Readings');
        $this->onPaper();
        $buttons = 'return [...document.querySelectorAll("nav, header, button")]'.
            '.filter((one) => one.getClientRects().length > 0).length';
        self::assertSame(0, $this->browser->executeScript($buttons));
        self::assertStringContainsString('200 mm try square', $this->text('[data-testid=on-paper]'));
    }

    /** Their lines are pressed on the screen and read on paper. */
    public function test_what_is_read_is_on_paper_though_it_can_be_pressed(): void
    {
        $read = fn (string $words): bool => (bool) $this->asked(
            '[...document.querySelectorAll("button")].some((one) => one.getClientRects().length > 0 && '.
                'one.textContent.includes(arguments[0]))',
            $words,
        );
        foreach (['/kit/school' => 'hand tools only', '/kit/fit/saws' => 'carcase saw'] as $page => $words) {
            $this->open($page);
            $this->seesText($words);
            $this->onPaper();
            self::assertTrue($read($words), $page);
        }
    }

    /** As A4 between the browser’s own margins. */
    private function onPaper(): void
    {
        $tools = new ChromeDevToolsDriver($this->browser);
        $tools->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
        $this->browser->executeScript("window.dispatchEvent(new Event('beforeprint'))");
        Server::until(fn (): bool => $this->many('[data-testid=on-paper]') === 1, 'the title block');
    }

    private function many(string $selector): int
    {
        return (int) $this->asked('document.querySelectorAll(arguments[0]).length', $selector);
    }

    private function measured(string $selector): float
    {
        return (float) $this->asked(
            'document.querySelector(arguments[0]).getBoundingClientRect().width',
            $selector,
        );
    }

    private function text(string $selector): string
    {
        return $this->asked('document.querySelector(arguments[0]).innerText', $selector);
    }

    private function asked(string $what, string $selector): string
    {
        $answer = $this->browser->executeScript("return $what", [$selector]);

        return is_scalar($answer) ? (string) $answer : '';
    }
}
