const format = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short', hour12: false });

/** Moments are stored and sent in UTC; here they are written in the reader's own time. */
export default (root) => {
    for (const time of root.querySelectorAll('time[datetime]')) {
        time.title = time.textContent;
        time.textContent = format.format(new Date(time.dateTime));
    }
};
