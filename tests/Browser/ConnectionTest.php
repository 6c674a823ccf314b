<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The server is gone, as when somebody closed its window: nothing is lost, and it is said in place. */
final class ConnectionTest extends BrowserTestCase
{
    public function test_what_was_recorded_waits_and_is_written_once(): void
    {
        $this->open('/kit/add?kind=mallet');
        $this->type('Name', 'mallet of the silent hour');
        $this->sees("//button[contains(., 'Hang it up') and not(@disabled)]");
        $this->goesAway();
        $this->press('Hang it up');
        $this->seesText('The bench does not answer.');
        $this->seesText('Add a tool, ');
        self::assertTrue($this->isGrey());
        $typed = $this->field('Name')->getAttribute('value');
        self::assertSame('mallet of the silent hour', $typed, 'the form stays');

        self::server()->start();
        $this->seesText('The next one?');
        self::assertFalse($this->isGrey());
        self::assertSame(1, substr_count($this->board(), 'mallet of the silent hour'));
    }

    /** Closed while it waited: the next window sends it, once, and says what cannot be written any more. */
    public function test_what_waited_in_a_closed_window_is_sent_by_the_next(): void
    {
        $this->open('/kit/add?kind=mallet');
        $this->type('Name', 'mallet of the closed window');
        $this->sees("//button[contains(., 'Hang it up') and not(@disabled)]");
        $this->goesAway();
        $this->press('Hang it up');
        $this->seesText('Recorded, and sent as soon as it answers');
        $this->browser->get('about:blank');

        self::server()->start();
        $this->open('/kit');
        Server::until(fn (): bool => str_contains($this->board(), 'mallet of the closed window'), 'it to be sent', 10);
        self::assertSame(1, substr_count($this->board(), 'mallet of the closed window'));
        $this->open('/kit');
        self::assertSame(1, substr_count($this->board(), 'mallet of the closed window'));

        $this->browser->executeScript("localStorage.setItem('outbox', JSON.stringify([{key: 'k1', by: '',
            says: 'Kit, 09:00',
            method: 'DELETE', url: '/api/tools/999999', headers: {'content-type': 'application/json',
            accept: 'application/json', 'x-once': 'a-key-of-its-own'}, body: '{\"version\":1}'}]))");
        $this->open('/kit');
        $this->seesText('and not taken now');
        $this->seesText('Kit, 09:00: There is nothing kept under that address.');
        $this->press('Leave it');
        $this->seesNoMore('not taken now');
        $this->open('/kit');
        $this->seesNoMore('not taken now');
    }

    public function test_bench_mode_goes_on_counting_and_catches_up(): void
    {
        $this->open('/edges');
        $this->sees("//a[contains(., '12 mm chisel')]")->click();
        $this->press('Start at the bench');
        $this->seesText('Fetch the 1000 stone');
        $address = $this->browser->getCurrentURL();
        $this->goesAway();
        $this->sees("//*[@data-testid='next']")->click();
        $this->seesText('The bench does not answer.');
        $counted = fn (): int => (int) $this->sees("//*[@data-testid='count']")->getText();
        Server::until(fn (): bool => $counted() >= 3, 'strokes to be counted without the bench');
        $this->keys(' ');
        $this->seesText('A burr along the whole edge');
        $there = $counted();

        self::server()->start();
        $kept = fn (): int => (int) max(
            json_decode(
                (string) file_get_contents(self::server()->url(str_replace('/sessions', '/api/sessions', (string)
                    parse_url($address, PHP_URL_PATH)))),
                true,
            )['counted'],
        );
        Server::until(fn (): bool => $kept() === $there, static fn (): string => "$there strokes, not {$kept()}");
        $this->seesNoMore('does not answer');
    }

    public function test_a_page_that_cannot_be_loaded_says_so_in_our_words(): void
    {
        $this->open('/');
        $this->goesAway();
        $this->sees("//nav[@aria-label='Places']//a[contains(., 'True')]")->click();
        $this->seesText('could not be loaded: the bench does not answer.');
        $this->sees("//nav[@aria-label='Places']", null);
        self::server()->start();
        $this->press('Load it again');
        $this->sees("//h1[contains(., 'True')]");
    }

    private function isGrey(): bool
    {
        return $this->browser->executeScript('return document.querySelector("main").hasAttribute("data-lost")');
    }

    private function board(): string
    {
        return (string) file_get_contents(self::server()->url('/api/kit'));
    }

    /** The server is gone once all that was typed has its answer: a form that waits for one is grey. */
    private function goesAway(): void
    {
        $count = "return performance.getEntriesByType('resource').length";
        $asked = fn (): mixed => $this->browser->executeScript($count);
        do {
            $before = $asked();
            usleep(700_000);
        } while ($asked() !== $before);
        self::server()->kill();
    }
}
