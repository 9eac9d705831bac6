const format = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short', hour12: false });

/** Moments are stored and sent in UTC; here they are written in the reader's own time, except where a site's time is meant. */
export default (root) => {
    for (const time of root.querySelectorAll('time[datetime]:not([data-zone])')) {
        time.title = time.textContent;
        time.textContent = format.format(new Date(time.dateTime));
    }
};
